// The nail in the round: draws meshes worked out on the server; it knows no rule of the job.
import * as THREE from '/vendor/three.module.min.js';

const view = { scene: null, renderer: null, camera: null, build: null, plate: null, of: null, turn: [0.6, -0.7], far: 0, size: 1 };
const across = new THREE.Plane(new THREE.Vector3(-1, 0, 0), 0);
const along = new THREE.Plane(new THREE.Vector3(0, -1, 0), 0);

function colour(name) {
  return new THREE.Color(getComputedStyle(document.documentElement).getPropertyValue(name).trim());
}

// What lies on the plate is drawn a hair behind it, or the two would flicker where they touch.
function solid(mesh, fill, opacity, behind) {
  const shape = new THREE.BufferGeometry();
  shape.setAttribute('position', new THREE.Float32BufferAttribute(mesh.points, 3));
  shape.setIndex(mesh.triangles);
  shape.computeVertexNormals();
  return new THREE.Mesh(shape, new THREE.MeshStandardMaterial({
    color: colour(fill), roughness: 0.28, metalness: 0, side: THREE.DoubleSide,
    transparent: opacity < 1, opacity, polygonOffset: behind, polygonOffsetFactor: 1, polygonOffsetUnits: 1, clippingPlanes: [across, along],
  }));
}

function begin(canvas) {
  try {
    view.renderer = new THREE.WebGLRenderer({ canvas, antialias: true, alpha: true });
  } catch {
    document.getElementById('round-trouble').hidden = false;
    canvas.hidden = true;
    return false;
  }
  view.renderer.localClippingEnabled = true;
  view.camera = new THREE.PerspectiveCamera(30, 2, 1, 500);
  view.camera.up.set(0, 0, 1);
  return true;
}

function draw() {
  if (!view.renderer || !view.scene) return;
  const canvas = view.renderer.domElement;
  const box = canvas.getBoundingClientRect();
  if (!box.width) return;
  view.renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
  view.renderer.setSize(box.width, box.height, false);
  view.camera.aspect = box.width / box.height;
  const [up, round] = view.turn;
  view.camera.position.set(
    view.far * Math.cos(up) * Math.cos(round), view.far * Math.cos(up) * Math.sin(round), view.far * Math.sin(up));
  view.camera.lookAt(0, 0, 0);
  view.camera.updateProjectionMatrix();
  view.renderer.render(view.scene, view.camera);
  canvas.dataset.turn = view.turn.map((angle) => angle.toFixed(2)).join(' ');
  canvas.dataset.drawn = String(Number(canvas.dataset.drawn ?? 0) + 1);
}

function cut() {
  const tip = Number(document.getElementById('cut-across')?.value ?? 100) / 100;
  const side = Number(document.getElementById('cut-along')?.value ?? 100) / 100;
  across.constant = view.length * (tip - 0.5) + 0.01;
  along.constant = view.width * (side - 0.5) + 0.2 * (side === 1);
  if (tip === 1) across.constant = 1000;
  if (side === 1) along.constant = 1000;
}

async function load() {
  const holder = document.getElementById('round');
  if (!holder) return;
  const canvas = document.getElementById('round-canvas');
  if (view.renderer?.domElement !== canvas && !begin(canvas)) return;
  const answer = await fetch(holder.dataset.mesh);
  if (!answer.ok) return;
  const nail = await answer.json();
  view.of = holder.dataset.of;
  view.length = nail.lengthMm;
  view.width = nail.widthMm;
  if (!view.far) view.far = 1.9 * nail.lengthMm;
  view.scene = new THREE.Scene();
  view.build = solid(nail.build, '--product-fill', 0.8, true);
  view.plate = solid(nail.plate, '--plate-fill', 1, false);
  const all = new THREE.Group();
  all.add(view.plate, view.build);
  all.position.x = -nail.lengthMm / 2;
  all.position.z = 1;
  view.scene.add(all);
  view.scene.add(new THREE.HemisphereLight(0xffffff, 0x8899aa, 1.7));
  const lamp = new THREE.DirectionalLight(0xffffff, 2.2);
  lamp.position.set(-10, -25, 40);
  view.scene.add(lamp);
  cut();
  view.plate.visible = document.getElementById('show-plate')?.checked ?? true;
  draw();
}

// How high, from which side, and how many lengths away.
const looks = { above: [1.5, -1.5708, 1.9], side: [0.02, -1.5708, 1.9], barrel: [0.06, 0, 1.3] };
let held = null;

document.addEventListener('pointerdown', (event) => {
  if (event.target.id !== 'round-canvas') return;
  held = { x: event.clientX, y: event.clientY, turn: [...view.turn] };
  event.target.setPointerCapture(event.pointerId);
});
document.addEventListener('pointermove', (event) => {
  if (!held) return;
  view.turn = [
    Math.max(-1.5, Math.min(1.5, held.turn[0] + (event.clientY - held.y) / 150)),
    held.turn[1] - (event.clientX - held.x) / 150,
  ];
  draw();
});
document.addEventListener('pointerup', () => { held = null; });
document.addEventListener('wheel', (event) => {
  if (event.target.id !== 'round-canvas') return;
  event.preventDefault();
  view.far = Math.max(18, Math.min(120, view.far * (event.deltaY > 0 ? 1.1 : 0.9)));
  draw();
}, { passive: false });
document.addEventListener('keydown', (event) => {
  if (event.target.id !== 'round-canvas') return;
  const by = { ArrowLeft: [0, -0.15], ArrowRight: [0, 0.15], ArrowUp: [0.15, 0], ArrowDown: [-0.15, 0] }[event.key];
  if (!by) return;
  event.preventDefault();
  view.turn = [Math.max(-1.5, Math.min(1.5, view.turn[0] + by[0])), view.turn[1] + by[1]];
  draw();
});
document.addEventListener('click', (event) => {
  const look = looks[event.target.dataset?.turn];
  if (!look) return;
  view.turn = look.slice(0, 2);
  view.far = look[2] * view.length;
  draw();
});
document.addEventListener('input', (event) => {
  if (event.target.id === 'cut-across' || event.target.id === 'cut-along') { cut(); draw(); }
});
document.addEventListener('change', (event) => {
  if (event.target.id === 'show-plate' && view.plate) { view.plate.visible = event.target.checked; draw(); }
});
document.addEventListener('htmx:afterSettle', () => {
  const holder = document.getElementById('round');
  if (holder && holder.dataset.of !== view.of) load();
});
window.addEventListener('resize', draw);
load();
