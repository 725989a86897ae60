// A box to sign in with a finger, a pen or a mouse; what is drawn goes with the form as a path.
for (const form of document.querySelectorAll('[data-signing]')) {
  const pad = form.querySelector('.pad');
  const line = pad.querySelector('path');
  const kept = form.querySelector('[name=signature]');
  let last = null;
  const at = (event) => {
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(pad.getScreenCTM().inverse());
    const within = (value, most) => Math.min(most, Math.max(0, Math.round(value * 10) / 10));
    return { x: within(point.x, pad.viewBox.baseVal.width), y: within(point.y, pad.viewBox.baseVal.height) };
  };
  const draw = (to, how) => {
    last = to;
    kept.value += `${how}${to.x} ${to.y}`;
    line.setAttribute('d', kept.value);
  };
  pad.addEventListener('pointerdown', (event) => {
    event.preventDefault();
    pad.setPointerCapture(event.pointerId);
    draw(at(event), 'M');
  });
  pad.addEventListener('pointermove', (event) => {
    if (!last || !pad.hasPointerCapture(event.pointerId)) return;
    const to = at(event);
    // A point every so often is enough for a line, and keeps it short.
    if (Math.hypot(to.x - last.x, to.y - last.y) >= 3) draw(to, 'L');
  });
  pad.addEventListener('pointerup', () => { last = null; });
  form.querySelector('[data-clear]').addEventListener('click', () => {
    kept.value = '';
    line.setAttribute('d', '');
  });
}
