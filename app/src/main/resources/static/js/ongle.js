// What the browser does by itself: keys, focus, and moving a handle. It knows no rule of the job;
// every figure comes from the server.
(() => {
  'use strict';

  // What the page says by itself, in its language; the texts come with it.
  const words = JSON.parse(document.body.dataset.words);
  window.ongleSay = (key, values = {}) => words[key].replace(/\{(\w+)\}/g, (all, name) => values[name] ?? all);
  const say = window.ongleSay;

  // Every change carries it; the freshest is where somebody is just signing in.
  const token = () => [...document.querySelectorAll('meta[name=_csrf]')].pop()?.content ?? '';

  // --- what is on its way, and what did not arrive --------------------------------------------
  let underway = 0;
  let whenQuiet = [];

  function tell(message) {
    window.dispatchEvent(new CustomEvent('ongle-trouble', { detail: message }));
  }

  document.addEventListener('alpine:init', () => {
    Alpine.data('trouble', () => ({
      message: '',
      say(event) { this.message = event.detail; },
      again() {
        if (lost.size > 0) again();
        else location.reload();
      },
    }));
  });

  function once(quiet) {
    if (underway === 0) quiet();
    else whenQuiet.push(quiet);
  }

  // Changes the server did not take, by what they were made with. They stay on the page, are sent again
  // when it was the server's moment, and go when a later change takes their place.
  const lost = new Map();
  const pauses = [1, 2, 4, 5];
  let tries = 0;
  let timer = null;

  function passing(status) {
    return status === 0 || status >= 500;
  }

  function why(status) {
    if (status === 0) return say('no-answer');
    if (status === 507) return say('disk-full');
    if (status === 503) return say('too-much');
    if (status === 413) return say('too-large');
    if (status === 404) return say('gone');
    if (status === 401) return say('signed-out');
    if (status === 403) return say('not-allowed');
    if (status >= 500) return say('ours');
    return say('odd');
  }

  function markLost() {
    const saved = document.getElementById('saved');
    if (!saved || lost.size === 0) return;
    saved.textContent = say('not-saved');
    saved.classList.add('not');
  }
  document.addEventListener('htmx:afterSettle', markLost);

  function showLost(status) {
    markLost();
    if (status === 401) askWho();
    tell(say(passing(status) ? 'lost-resent' : 'lost', { why: why(status) }));
  }

  // Ongle ends and begins again: this page looks for it until it is back.
  const beginning = document.querySelector('[data-begins-again]');
  if (beginning) {
    let away = false;
    setInterval(async () => {
      const there = await fetch(beginning.dataset.beginsAgain, { cache: 'no-store' }).then((answer) => answer.ok, () => false);
      if (there && away) location.href = beginning.dataset.beginsAgain;
      away ||= !there;
    }, 500);
  }

  // Whoever comes to this desk signs in over the page that is open; what was not saved goes first.
  async function askWho() {
    const person = document.getElementById('person');
    if (person.open) return;
    await htmx.ajax('GET', '/sign-in/here', { target: '#person-form', swap: 'innerHTML' });
    person.showModal();
  }

  document.addEventListener('change', (event) => {
    if (event.target.matches('.who-is input')) document.getElementById('secret').focus();
  });

  // A form that is half filled in stays as it is, and goes on with the token of whoever came.
  document.addEventListener('signed-in', async () => {
    await again();
    const begun = [...document.querySelectorAll('form[method=post] :is(input, textarea)')].some((field) =>
      !field.closest('dialog, [hx-post]') && !['hidden', 'radio', 'checkbox', 'file'].includes(field.type) && field.value !== field.defaultValue);
    if (!begun) {
      location.reload();
      return;
    }
    const fresh = token();
    document.querySelectorAll('input[name=_csrf]').forEach((field) => { field.value = fresh; });
    document.querySelectorAll('meta[name=_csrf]').forEach((meta) => { meta.content = fresh; });
    document.querySelectorAll('.person').forEach((head) => { head.textContent = document.querySelector('.who-is :checked + span b').textContent; });
    document.getElementById('person').close();
  });

  // One after the other, in the order they were made, so that none overtakes another.
  let sending = false;
  async function again() {
    if (sending) return;
    sending = true;
    clearTimeout(timer);
    while (lost.size > 0) {
      const [name, { element, verb, path, target, swap, values }] = lost.entries().next().value;
      lost.delete(name);
      await htmx.ajax(verb, path, { source: element.isConnected ? element : document.body, target, swap, values }).catch(() => {});
      if (lost.has(name)) break;
    }
    sending = false;
  }

  function later(status) {
    clearTimeout(timer);
    // An error of ours comes back each time; a server that is away or out of room does not.
    if (!passing(status) || (status === 500 && tries >= pauses.length)) return;
    timer = setTimeout(again, 1000 * pauses[Math.min(tries, pauses.length - 1)]);
    tries++;
  }

  window.addEventListener('online', () => { if (lost.size > 0) again(); });
  window.addEventListener('beforeunload', (event) => { if (lost.size > 0) event.preventDefault(); });

  document.addEventListener('htmx:beforeSend', () => { underway++; });
  document.addEventListener('htmx:afterRequest', (event) => {
    underway = Math.max(0, underway - 1);
    const { elt: element, requestConfig: sent, successful, xhr, target } = event.detail;
    const status = xhr?.status ?? 0;
    const changes = sent.verb !== 'get';
    // The same thing changed later takes its place.
    const name = `${sent.path} ${[...sent.formData.keys()]}`;
    if (changes && successful) {
      lost.delete(name);
      tries = 0;
      if (lost.size === 0) tell('');
      else again();
    } else if (changes) {
      lost.set(name, { element, verb: sent.verb, path: sent.path, target, swap: event.detail.etc?.swapOverride, values: sent.formData });
      showLost(status);
      later(status);
    } else if (!successful && lost.size === 0) {
      tell(say('not-shown', { why: why(status) }));
    } else if (lost.size === 0) {
      tell('');
    }
    setTimeout(leave, 0);
  });

  // A change that waited for this one is sent only after this event: it is not quiet before that.
  function leave() {
    if (underway > 0) return;
    const waiting = whenQuiet;
    whenQuiet = [];
    waiting.forEach((go) => go());
  }

  // Edits are sent one after the other. What is sent is what stood in the field when it was entered,
  // not what is being typed by the time its turn comes.
  const typedIn = new WeakSet();
  const entered = new WeakMap();
  const how = new WeakMap();

  // Who sends what a field says: itself, or its form where that goes with every change.
  function sender(field) {
    return field.hasAttribute?.('hx-post') ? field : field.closest?.('form[hx-post][hx-trigger*=change]');
  }

  function says(field) {
    return field.type === 'checkbox' && !field.checked ? null : field.value;
  }

  function enter(event) {
    const field = event.target;
    const by = field.name ? sender(field) : null;
    if (!by) return;
    if (!entered.has(by)) entered.set(by, []);
    entered.get(by).push({ field, value: says(field) });
  }
  document.addEventListener('change', enter, true);
  document.addEventListener('keep', enter, true);

  function waits(field) {
    return (entered.get(sender(field)) ?? []).some((entry) => entry.field === field);
  }

  // What stood in the field when typing began goes along, so that no window overwrites another unseen.
  document.addEventListener('htmx:configRequest', (event) => {
    const { elt: by, parameters, headers } = event.detail;
    headers['X-CSRF-TOKEN'] = token();
    const entry = (entered.get(by) ?? []).shift();
    if (!entry) return;
    const { field, value } = entry;
    if (value === null) delete parameters[field.name];
    else parameters[field.name] = value;
    if (how.has(field)) parameters.how = how.get(field);
    how.delete(field);
    if (field.dataset.seen !== undefined) parameters.seen = field.dataset.seen.slice(1); // written with a = in front, as an empty attribute is left out
    field.dataset.sent = value;
    if (field.value === value) typedIn.delete(field);
  });

  // Answers are merged into the page: what did not change stays, and with it focus and selection. A
  // field that says more than was answered keeps that: its own answer will come. Only what the
  // server knows to stand in it is taken over, or the next edit would look like another window's.
  Idiomorph.defaults.callbacks.beforeNodeMorphed = (old, answer) => {
    if (old.nodeName === 'svg' && old.isEqualNode(answer)) return false; // most nails stay as they are
    if (old.matches?.('select, input:not(.num)') && waits(old)) return false;
    if (!old.matches?.('input.num') || old.value === (old.dataset.sent ?? old.defaultValue)) return true;
    if (answer.dataset?.seen !== undefined) old.dataset.seen = answer.dataset.seen;
    return false;
  };

  // A field that was answered while it had the focus is ready for the next number.
  document.addEventListener('htmx:afterSettle', () => {
    const typing = document.activeElement;
    if (typing?.matches?.('input.num') && !typedIn.has(typing)) typing.select();
  });
  document.addEventListener('input', (event) => typedIn.add(event.target));

  // Leaving waits until what was typed has arrived.
  document.addEventListener('click', (event) => {
    const link = event.target.closest('a[href]');
    if (link && underway > 0 && !event.ctrlKey && !event.metaKey && !link.hash) {
      event.preventDefault();
      once(() => { location.href = link.href; });
    }
  });

  function go(link) {
    if (!link) return;
    document.activeElement?.blur?.();
    setTimeout(() => once(() => { location.href = link.href; }), 0);
  }

  // --- theme, side of the desk, conflicts ----------------------------------------------------
  function look(button) {
    document.activeElement?.blur?.();
    setTimeout(() => once(() => htmx.ajax('POST', '/look', { source: button, swap: 'none', values: { [button.dataset.look]: button.dataset.value } })), 0);
  }

  document.addEventListener('click', (event) => {
    const button = event.target.closest('button');
    if (!button) return;
    if (button.dataset.look) look(button);
    if ('person' in button.dataset) once(askWho);
    if (button.dataset.copy) twin(button.dataset.copy);
    if (button.dataset.keysOpen !== undefined) document.getElementById('keys')?.showModal();
    if (button.dataset.keep) {
      const field = button.closest('td, .field').querySelector('input.num');
      if (button.dataset.keep === 'theirs') field.value = button.dataset.value;
      htmx.trigger(field, 'keep');
    }
  });

  // --- keys ----------------------------------------------------------------------------------
  function chosenFinger() {
    return document.activeElement?.dataset?.finger ?? document.querySelector('.strip [aria-current]')?.dataset.finger;
  }

  function twin(of) {
    const base = document.querySelector('[data-twin]')?.dataset.twin;
    const finger = of ?? chosenFinger();
    if (!base || !finger) return;
    const focused = document.activeElement?.id;
    document.activeElement?.blur?.();
    setTimeout(() => once(async () => {
      const answer = await fetch(`${base}/${finger}/twin`, { method: 'POST', headers: { 'X-CSRF-TOKEN': token() } }).catch(() => ({ ok: false, status: 0 }));
      if (!answer.ok) tell(`Not copied: ${why(answer.status)}.`);
      else {
        if (focused) sessionStorage.setItem('focus', focused);
        location.href = answer.url;
      }
    }), 0);
  }

  document.addEventListener('keydown', (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey || document.querySelector('dialog[open]')) return;
    const key = event.key.toLowerCase();
    // Number fields and lists have no use for these keys; fields for text have.
    const field = event.target.closest?.('input:not([type="radio"], [type="checkbox"]), select, textarea');
    if (field && !field.matches('input.num') && !(field.matches('select') && '[]?'.includes(key))) return;
    const actions = {
      t: () => twin(),
      v: () => { const button = document.querySelector('[data-look="seat"]'); if (button) look(button); },
      '[': () => go(document.querySelector('[data-stage="previous"]')),
      ']': () => go(document.querySelector('[data-stage="next"]')),
      z: () => document.getElementById('undo')?.click(),
      y: () => document.getElementById('redo')?.click(),
      r: () => document.querySelector('[data-remedy="0"]')?.click(),
      '?': () => document.getElementById('keys')?.showModal(),
    };
    if (!field && /^[0-9]$/.test(key)) {
      event.preventDefault();
      go(document.querySelector(`.strip [data-key="${key}"]`));
    } else if (actions[key] && document.querySelector('main.set')) {
      event.preventDefault();
      actions[key]();
    }
  });

  // --- what the server says by itself -------------------------------------------------------
  // One feed for all tabs where the browser can share it; a browser allows six connections in all.
  const feed = (() => {
    const made = () => [...crypto.getRandomValues(new Uint8Array(12))].map((each) => each.toString(16).padStart(2, '0')).join('');
    const heard = new EventTarget();
    const say = (type, detail) => heard.dispatchEvent(new CustomEvent(type, { detail }));
    let port = null;
    let desk = localStorage.getItem('desk') ?? made();
    localStorage.setItem('desk', desk);
    function listen() {
      if (window.SharedWorker) {
        port = new SharedWorker('/js/feed.js').port;
        port.onmessage = ({ data }) => say(data.type, data.data);
        port.postMessage({ desk });
        window.addEventListener('pagehide', () => port.postMessage({ bye: true }));
      } else {
        desk = made();
        const source = new EventSource(`/feed?desk=${desk}`);
        for (const type of ['changed', 'calliper', 'reading']) source.addEventListener(type, (event) => say(type, event.data));
        for (const type of ['open', 'error']) source.addEventListener(type, () => say(type));
        window.addEventListener('pagehide', () => source.close());
      }
    }
    return {
      desk: () => desk,
      front: () => port?.postMessage({ front: true }),
      listen,
      on: (type, what) => heard.addEventListener(type, (event) => what(event.detail)),
    };
  })();
  window.ongleFeed = feed;

  // --- the calliper ---------------------------------------------------------------------------
  // It writes into the field at the focus, and goes on to the next finger.
  document.addEventListener('DOMContentLoaded', () => {
    const line = document.querySelector('[data-calliper]');
    if (!line) return;
    const words = line.querySelector('span');
    const takeIt = line.querySelector('button');
    const says = (text, wrong, elsewhere = false) => {
      words.textContent = text;
      line.classList.toggle('wrong', wrong);
      takeIt.hidden = !elsewhere;
    };
    const ask = (what, force) => fetch(`/calliper/${what}`, { method: 'POST', headers: { 'X-CSRF-TOKEN': token() }, body: new URLSearchParams({ desk: feed.desk(), force }), keepalive: true }).catch(() => {});
    takeIt.addEventListener('click', () => ask('take', true));
    feed.on('open', () => ask('take', false));
    feed.on('error', () => says(say('calliper.away'), true));
    feed.on('calliper', (holder) => {
      if (holder === feed.desk()) says(say('calliper.waits'), false);
      else if (holder) says(say('calliper.elsewhere'), false, true);
      else ask('take', false);
    });
    feed.on('reading', (data) => {
      const { raw, value, fine, trouble } = JSON.parse(data);
      const field = document.activeElement;
      if (trouble) says(trouble, true);
      else if (!field?.matches('.grid input.num')) says(say('calliper.no-field', { raw }), true);
      else if (field.dataset.unit !== 'MILLIMETRE') says(say('calliper.angle', { raw }), true);
      else {
        says(say('calliper.sent', { raw }), false);
        field.value = field.dataset.decimals === '2' ? fine : value;
        how.set(field, 'CALLIPER');
        htmx.trigger(field, 'keep');
        const all = numbers();
        all[all.indexOf(field) + 1]?.focus();
      }
    });
    window.addEventListener('focus', feed.front);
    document.addEventListener('focusin', feed.front);
    window.addEventListener('pagehide', () => ask('leave', false));
    feed.listen();
    feed.front();
  });

  // --- the measuring grid --------------------------------------------------------------------
  let howTimer;

  function numbers() {
    return [...document.querySelectorAll('.grid input.num')];
  }

  document.addEventListener('keydown', (event) => {
    const field = event.target.closest?.('table[data-across] input.num');
    if (!field) return;
    const table = field.closest('table');
    const all = [...table.querySelectorAll('input.num')];
    const across = Number(table.dataset.across);
    const at = all.indexOf(field);
    let to = null;
    if (event.key === ' ' && !field.value && document.getElementById(`estimate-${field.id}`)) {
      field.value = document.getElementById(`estimate-${field.id}`).textContent;
      how.set(field, 'ESTIMATE');
      htmx.trigger(field, 'keep');
      to = at + 1;
    }
    if (event.key === 'Enter') to = at + (event.shiftKey ? -1 : 1);
    if (event.key === 'ArrowDown') to = at + across;
    if (event.key === 'ArrowUp') to = at - across;
    if (to === null) return;
    event.preventDefault();
    if (all[to]) all[to].focus();
    else field.blur();
  });

  document.addEventListener('focusin', (event) => {
    const field = event.target.closest?.('input.num');
    if (!field) return;
    field.select();
    clicked = field;
    if (!field.dataset.how) return;
    document.querySelectorAll('.strip [aria-current]').forEach((each) => each.removeAttribute('aria-current'));
    document.querySelector(`.strip [data-finger="${field.dataset.finger}"]`)?.setAttribute('aria-current', 'true');
    clearTimeout(howTimer);
    howTimer = setTimeout(() => {
      if (document.activeElement === field) htmx.ajax('GET', field.dataset.how, { target: '#how', swap: 'morph' });
    }, 120);
  });

  // The click that enters a field would undo the selection.
  let clicked = null;
  document.addEventListener('click', (event) => {
    const field = clicked;
    clicked = null;
    // A click into what is selected already puts the caret there, but only after this event.
    if (field && event.target === field) setTimeout(() => field.select(), 0);
  });

  // After the strip was replaced, the finger being typed stays marked.
  document.addEventListener('htmx:oobAfterSwap', (event) => {
    const finger = document.activeElement?.dataset?.finger;
    if (event.detail.target.id !== 'strip' || !finger || !document.querySelector('.grid')) return;
    document.querySelectorAll('.strip [aria-current]').forEach((each) => each.removeAttribute('aria-current'));
    document.querySelector(`.strip [data-finger="${finger}"]`)?.setAttribute('aria-current', 'true');
  });

  // --- Enter in any other number field takes the number -----------------------------------------
  document.addEventListener('keydown', (event) => {
    const field = event.target.closest?.('.field input.num');
    if (field && event.key === 'Enter') {
      event.preventDefault();
      field.blur(); // the browser's own change event takes the number, once
      field.focus();
    }
  });

  // --- handles -------------------------------------------------------------------------------
  let held = null;
  let asking = false;
  let wanted = null;

  function axes(handle) {
    const d = handle.dataset;
    return {
      x: d.xQuantity ? { quantity: d.xQuantity, value: Number(d.xValue), perMm: Number(d.xPerMm), perMmOfNail: Number(d.xPerMmOfNail), step: Number(d.xStep) } : null,
      y: d.yQuantity ? { quantity: d.yQuantity, value: Number(d.yValue), perMm: Number(d.yPerMm), perMmOfNail: Number(d.yPerMmOfNail), step: Number(d.yStep) } : null,
    };
  }

  function millimetres(svg, event) {
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
    return { x: point.x, y: point.y };
  }

  // One question at a time, always the latest: the drawing never lags behind a queue.
  async function ask(url, values, save) {
    wanted = { url, values, save };
    if (asking) return;
    asking = true;
    while (wanted) {
      const next = wanted;
      wanted = null;
      const values = { ...showing(), ...(next.save ? seen(next.values) : next.values) };
      await htmx.ajax(next.save ? 'POST' : 'GET', next.url, { target: '#views', swap: 'morph:innerHTML', values });
    }
    asking = false;
    document.dispatchEvent(new CustomEvent('ongle:answered'));
  }

  // What is shown goes along with every question, so that the answer shows it again.
  function showing() {
    const form = document.getElementById('showing');
    return form ? Object.fromEntries(new FormData(form)) : {};
  }

  function seen(values) {
    const all = { ...values };
    Object.keys(values).forEach((quantity) => {
      const field = document.querySelector(`#fields input[data-quantity="${quantity}"]`);
      all[`seen-${quantity}`] = field ? field.dataset.seen.slice(1) : '';
    });
    return all;
  }

  function plain(value) {
    return value.toFixed(3);
  }

  document.addEventListener('pointerdown', (event) => {
    const handle = event.target.closest?.('.handle');
    const views = event.target.closest?.('#views');
    if (!handle || !views || event.button !== 0) return;
    event.preventDefault();
    handle.focus({ preventScroll: true });
    views.setPointerCapture(event.pointerId);
    const svg = views.querySelector('svg');
    held = { id: handle.id, axes: axes(handle), from: millimetres(svg, event), matrix: svg.getScreenCTM().inverse(), moved: null };
    views.classList.add('dragging');
  });

  document.addEventListener('pointermove', (event) => {
    if (!held) return;
    const views = document.getElementById('views');
    const to = new DOMPoint(event.clientX, event.clientY).matrixTransform(held.matrix);
    const by = { x: to.x - held.from.x, y: to.y - held.from.y };
    const values = {};
    for (const side of ['x', 'y']) {
      const axis = held.axes[side];
      if (axis && Math.abs(by[side]) > 0.02) values[axis.quantity] = plain(axis.value + by[side] * axis.perMm);
    }
    if (Object.keys(values).length === 0) return;
    held.moved = values;
    ask(views.dataset.try, { ...values, handle: held.id }, false);
  });

  function release(event) {
    if (!held) return;
    const views = document.getElementById('views');
    const { moved, id } = held;
    held = null;
    views.classList.remove('dragging');
    if (moved && event.type === 'pointerup') ask(views.dataset.letGo, { ...moved, handle: id }, true);
    else if (moved) ask(views.dataset.try, {}, false);
  }
  document.addEventListener('pointerup', release);
  document.addEventListener('pointercancel', release);

  let nudged = null;
  document.addEventListener('keydown', (event) => {
    const handle = event.target.closest?.('.handle');
    const step = { ArrowLeft: ['x', -1], ArrowRight: ['x', 1], ArrowUp: ['y', -1], ArrowDown: ['y', 1] }[event.key];
    if (!handle || !step) return;
    event.preventDefault();
    const axis = axes(handle)[step[0]];
    if (!axis) return;
    // A tenth of a millimetre of the nail, or the least that shows.
    const much = Math.max(Math.abs(axis.perMmOfNail) * (event.shiftKey ? 0.5 : 0.1), axis.step);
    const by = step[1] * Math.sign(axis.perMm) * much;
    // Keys may come faster than answers; each adds to the last value asked for, not to the one drawn.
    const from = nudged?.quantity === axis.quantity ? nudged.value : axis.value;
    nudged = { quantity: axis.quantity, value: from + by };
    ask(document.getElementById('views').dataset.letGo, { [axis.quantity]: plain(nudged.value), handle: handle.id }, true);
  });
  document.addEventListener('ongle:answered', () => { nudged = null; });

  // --- where the typing goes on ----------------------------------------------------------------
  document.addEventListener('DOMContentLoaded', () => {
    const back = sessionStorage.getItem('focus');
    sessionStorage.removeItem('focus');
    const field = (back && document.getElementById(back)) || firstToMeasure();
    field?.focus({ preventScroll: true });
  });

  function firstToMeasure() {
    const finger = new URLSearchParams(location.search).get('finger');
    const all = numbers();
    return (finger && all.find((each) => each.dataset.finger === finger)) || all.find((each) => !each.value) || all[0];
  }
})();
document.addEventListener('click', (event) => {
  if (event.target.closest('[data-print]')) window.print();
});
document.addEventListener('submit', (event) => {
  const question = event.target.dataset.confirm;
  if (question && !window.confirm(question)) event.preventDefault();
});

// Copies what stands in a field, and says so.
document.addEventListener("click", (event) => {
  const button = event.target.closest("[data-copy]");
  if (!button) return;
  const field = document.querySelector(button.dataset.copy);
  field.select();
  const said = () => { button.textContent = button.dataset.copied; };
  if (navigator.clipboard) navigator.clipboard.writeText(field.value).then(said, () => {});
  else if (document.execCommand("copy")) said();
});

// A place tapped on in a drawing is chosen in the form it stands in; so is one chosen there.
const choosePlace = (place) => {
  const select = place.closest("form").querySelector("select[name=place]");
  select.value = place.dataset.place;
  showPlace(select);
};
const showPlace = (select) => {
  for (const each of select.form.querySelectorAll("[data-place]"))
    each.classList.toggle("chosen", each.dataset.place === select.value);
};
document.addEventListener("click", (event) => {
  const place = event.target.closest("[data-place]");
  if (place) choosePlace(place);
});
document.addEventListener("keydown", (event) => {
  const place = event.target.closest?.("[data-place]");
  if (place && (event.key === "Enter" || event.key === " ")) {
    event.preventDefault();
    choosePlace(place);
  }
});
document.addEventListener("change", (event) => {
  if (event.target.matches("select[name=place]")) showPlace(event.target);
});
document.querySelectorAll("select[name=place]").forEach(showPlace);
