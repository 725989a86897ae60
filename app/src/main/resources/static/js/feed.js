// One feed for all tabs of this browser. A reading goes to the measuring page that was in front last.
'use strict';
const tabs = new Set();
let desk = null;
let source = null;
let state = 'error';
let front = null;

function tell(type, data) {
  (type === 'reading' ? [front].filter((tab) => tabs.has(tab)) : tabs).forEach((tab) => tab.postMessage({ type, data }));
}

function listen() {
  source = new EventSource(`/feed?desk=${desk}`);
  for (const type of ['changed', 'calliper', 'reading']) source.addEventListener(type, (event) => tell(type, event.data));
  source.addEventListener('open', () => { state = 'open'; tell('open'); });
  source.addEventListener('error', () => {
    state = 'error';
    tell('error');
    if (source.readyState === EventSource.CLOSED) setTimeout(listen, 5000);
  });
}

self.addEventListener('connect', (event) => {
  const [tab] = event.ports;
  tab.onmessage = ({ data }) => {
    if (data.desk) {
      tabs.add(tab);
      desk = data.desk;
      if (!source) listen();
      else tab.postMessage({ type: state });
    }
    if (data.front) front = tab;
    if (data.bye) tabs.delete(tab);
  };
});
