// Setting marks in a picture: where the pointer is, a magnifier under it, and where a mark was let go.
// What the marks come to is worked out on the server.
(() => {
  'use strict';

  const field = document.getElementById('file');
  field?.addEventListener('change', () => {
    const file = field.files[0];
    const tooLarge = file && file.size > Number(field.dataset.most);
    document.getElementById('file-why').textContent = tooLarge ? window.ongleSay('picture-too-large', { size: Math.ceil(file.size / 1048576) }) : '';
    document.getElementById('file-field').classList.toggle('wrong', Boolean(tooLarge));
    if (tooLarge) field.value = '';
  });

  const picture = document.getElementById('picture');
  if (!picture) return;
  const svg = picture.querySelector('svg');
  const width = Number(picture.dataset.width);
  const height = Number(picture.dataset.height);
  const SEEN = 60; // pixels of the picture the magnifier shows across

  const marking = () => document.getElementById('marking');

  function place(event) {
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
    return { x: Math.max(0, Math.min(width, at.x)), y: Math.max(0, Math.min(height, at.y)) };
  }

  // --- the magnifier ---------------------------------------------------------------------------
  const glass = document.createElementNS('http://www.w3.org/2000/svg', 'g');
  const close = svg.querySelector('image').cloneNode();
  const cross = document.createElementNS('http://www.w3.org/2000/svg', 'path');
  cross.setAttribute('class', 'cross');
  glass.append(close, cross);

  function magnify({ x, y }) {
    const magnifier = document.getElementById('magnifier');
    if (glass.parentNode !== magnifier) magnifier.append(glass);
    magnifier.classList.toggle('left', x > width * 0.6);
    magnifier.setAttribute('viewBox', `${x - SEEN / 2} ${y - SEEN / 2} ${SEEN} ${SEEN}`);
    cross.setAttribute('d', `M${x - SEEN / 2} ${y}H${x - 3}M${x + 3} ${y}H${x + SEEN / 2}M${x} ${y - SEEN / 2}V${y - 3}M${x} ${y + 3}V${y + SEEN / 2}`);
  }

  // --- sending -----------------------------------------------------------------------------------
  function send(path, values) {
    const finger = marking().dataset.finger;
    return htmx.ajax('POST', `${picture.dataset.mark}/${path}`, { source: picture, target: '#marking', swap: 'morph', values: { ...values, finger } });
  }

  const mark = (name, at, snap) => send('mark', { name, x: at.x.toFixed(2), y: at.y.toFixed(2), ...(snap ? { snap } : {}) });

  // Keys may come faster than answers: each adds to the last place asked for, not to the one answered,
  // and only the last place of each mark is sent.
  const nudged = new Map();
  let nudging = false;

  async function nudge(name, at) {
    nudged.set(name, at);
    if (nudging) return;
    nudging = true;
    try {
      while (nudged.size) {
        const [next, to] = nudged.entries().next().value;
        await mark(next, to);
        if (nudged.get(next) === to) nudged.delete(next);
      }
    } finally {
      nudging = false;
    }
  }

  // --- pointer -----------------------------------------------------------------------------------
  let held = null;

  svg.addEventListener('pointerdown', (event) => {
    if (event.button !== 0) return;
    const own = event.target.closest('.mark');
    const at = place(event);
    event.preventDefault();
    if (own) {
      own.focus({ preventScroll: true });
      held = { mark: own, moved: false, by: { x: Number(own.dataset.x) - at.x, y: Number(own.dataset.y) - at.y } };
      svg.setPointerCapture(event.pointerId);
    } else if (marking().dataset.next) {
      mark(marking().dataset.next, at);
    }
  });

  svg.addEventListener('pointermove', (event) => {
    const at = place(event);
    if (!held) return magnify(at);
    held.moved = true;
    held.to = { x: at.x + held.by.x, y: at.y + held.by.y };
    held.mark.setAttribute('transform', `translate(${held.to.x} ${held.to.y})`);
    return magnify(held.to);
  });

  svg.addEventListener('pointerup', () => {
    // Let go by hand, a point is drawn to the edge under it; keys set it to the pixel.
    if (held?.moved) mark(held.mark.dataset.name, held.to, true);
    held = null;
  });
  svg.addEventListener('pointercancel', () => { held = null; });

  // --- keys ----------------------------------------------------------------------------------------
  document.addEventListener('focusin', (event) => {
    const own = event.target.closest?.('.mark');
    if (own) magnify({ x: Number(own.dataset.x), y: Number(own.dataset.y) });
  });

  svg.addEventListener('keydown', (event) => {
    const own = event.target.closest('.mark');
    const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (!own) return;
    if (step) {
      event.preventDefault();
      const far = event.shiftKey ? 10 : 1;
      const { name } = own.dataset;
      const from = nudged.get(name) ?? { x: Number(own.dataset.x), y: Number(own.dataset.y) };
      const at = { x: from.x + step[0] * far, y: from.y + step[1] * far };
      own.setAttribute('transform', `translate(${at.x} ${at.y})`);
      magnify(at);
      nudge(name, at);
    }
    if (event.key === 'Delete' || event.key === 'Backspace') {
      event.preventDefault();
      send('unmark', { name: own.dataset.name });
    }
  });
})();
