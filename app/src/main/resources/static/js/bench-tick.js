// A page in the background has its timers held back to one a minute; a worker's are not, and the
// lamp does not wait.
setInterval(() => postMessage(0), 200);
