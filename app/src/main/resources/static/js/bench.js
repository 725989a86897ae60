// The desk's clocks and pedals. Every time comes from the server; here they are only counted.
(() => {
  'use strict';
  const desk = () => document.getElementById('desk');
  if (!desk()) return;

  // The page's own clock goes on evenly, whatever the machine's is set to; the server's is what counts.
  // For practice it may count faster than that.
  let stamped = null;
  let stampedAt = 0;
  const speed = () => Number(desk().dataset.speed);
  function stamp() {
    const now = desk().dataset.now;
    if (now === stamped) return;
    stamped = now;
    stampedAt = performance.now();
  }
  const serverNow = () => Number(stamped) + (performance.now() - stampedAt) * speed();

  function clock(ms) {
    const s = ms < 0 ? Math.floor(-ms / 1000) : Math.ceil(ms / 1000);
    return `${ms < 0 ? '+' : ''}${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`;
  }

  // --- sound and flash, which can be silenced ----------------------------------------------------
  const alarms = ['both', 'flash', 'silent'];
  const alarm = () => Math.max(0, alarms.indexOf(localStorage.getItem('bench-alarm')));
  let audio = null;
  function tell(times) {
    if (alarm() < 1) beep(times);
    if (alarm() < 2) {
      document.body.classList.add('flash');
      setTimeout(() => document.body.classList.remove('flash'), 900);
    }
  }
  function beep(times) {
    try {
      audio ??= new AudioContext();
      for (let i = 0; i < times; i++) {
        const tone = audio.createOscillator();
        const loud = audio.createGain();
        tone.frequency.value = 880;
        loud.gain.value = 0.15;
        tone.connect(loud).connect(audio.destination);
        tone.start(audio.currentTime + i * 0.3);
        tone.stop(audio.currentTime + i * 0.3 + 0.18);
      }
    } catch { /* a desk without sound still flashes */ }
  }
  function showAlarm() {
    const button = document.getElementById('alarm');
    if (button) button.firstChild.data = `${window.ongleSay(`alarm.${alarms[alarm()]}`)} `;
  }

  // So long before a window closes it is said aloud, ms.
  const SOON = 20000;

  // --- counting -------------------------------------------------------------------------------
  const told = new Set();
  function tick() {
    stamp();
    const now = serverNow();
    showLate(now);
    document.querySelectorAll('#desk .count').forEach((count) => {
      const opens = Number(count.dataset.opens);
      const closes = Number(count.dataset.closes);
      const before = now < opens;
      count.textContent = before ? window.ongleSay('clock-in', { time: clock(opens - now) }) : clock(closes - now);
      count.classList.toggle('waiting', before);
      count.classList.toggle('over', now >= closes);
      const says = count.parentElement.querySelector('.clock-says');
      if (says) {
        const soon = !before && closes - now < SOON * speed();
        says.textContent = now >= closes ? says.dataset.late : soon ? says.dataset.soon : '';
      }
      if (!count.classList.contains('loud')) return;
      for (const [edge, times] of [[opens, 1], [closes, 2]]) {
        const key = `${count.dataset.opens}-${edge}`;
        if (now >= edge && now - edge < 1500 * speed() && !told.has(key)) {
          told.add(key);
          if (edge === closes || opens > Number(stamped)) {
            tell(times);
          }
          if (edge === closes) refresh();
        }
      }
    });
  }

  // Taking back is the likeliest press for a while after one; a forgotten press shows once it is late.
  function showLate(now) {
    const back = document.getElementById('back');
    back?.classList.toggle('fresh', now < Number(back.dataset.freshUntil ?? 0));
    const last = document.getElementById('as-last');
    if (last) last.hidden = now < Number(last.dataset.after);
  }

  // --- in step with every other screen ----------------------------------------------------------
  function refresh() {
    if (document.activeElement?.matches('input[type="text"]')) return;
    htmx.ajax('GET', `${desk().dataset.base}/guide/now`, { target: '#desk', swap: 'morph' });
  }
  ongleFeed.on('changed', (set) => { if (desk().dataset.base.split('/').includes(set)) refresh(); });
  ongleFeed.on('open', refresh);
  ongleFeed.listen();
  // A tablet must not fall asleep over a lamp; where it may not be kept awake, it wakes to the truth.
  const stayAwake = () => navigator.wakeLock?.request('screen').catch(() => {});
  document.addEventListener('visibilitychange', () => {
    if (document.hidden) return;
    stayAwake();
    refresh();
  });
  stayAwake();
  setInterval(refresh, 30000);
  new Worker('/js/bench-tick.js').onmessage = tick;

  // --- knuckles and pedals -----------------------------------------------------------------------
  let pressed = -Infinity;
  const keys = { b: 'back', p: 'pause', h: 'heat', k: 'skin', m: 'alarm', o: 'first', l: 'as-last' };
  document.addEventListener('keydown', (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.target.matches('input, textarea, select')) return;
    const key = event.key.toLowerCase();
    if (key === ' ') {
      event.preventDefault();
      event.stopImmediatePropagation();
      // A pedal bounces, and a foot rests on it.
      if (event.repeat || performance.now() - pressed < 500) return;
      pressed = performance.now();
      (document.getElementById('done') ?? document.getElementById('resume'))?.click();
    } else if (keys[key] && !event.repeat) {
      const button = document.getElementById(keys[key]);
      if (button && !button.hidden) button.click();
    } else if (key === 'n') {
      event.preventDefault();
      document.querySelector('#note input[type="text"]')?.focus();
    } else if (key === 's') {
      event.preventDefault();
      document.querySelector('#skip input[type="text"]')?.focus();
    }
  }, true);
  document.addEventListener('click', (event) => {
    if (!event.target.closest('#alarm')) return;
    localStorage.setItem('bench-alarm', alarms[(alarm() + 1) % alarms.length]);
    showAlarm();
  });
  document.addEventListener('htmx:afterSettle', () => { showAlarm(); tick(); });
  showAlarm();
  tick();
})();
