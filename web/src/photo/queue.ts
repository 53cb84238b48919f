import { useSyncExternalStore } from "react";
import { problemOf, writeHeaders } from "../api/http";
import type { JobView } from "../api/types";

/**
 * Pictures wait here until the server has them: kept in the browser's own database, sent in order, tried again while the
 * line is dead. A picture that is refused stays with the reason until somebody has looked at it.
 */
export interface WaitingPhoto {
  id: string;
  job: number;
  /** The part it shows; undefined for what was found on a mesh. */
  step?: string;
  /** The finding it shows; undefined for a picture of the step itself. */
  finding?: string;
  blob: Blob;
  /** Who took it, and who alone sends it. */
  by?: string;
  /** Why the server would not take it; undefined while it waits. */
  refused?: string;
}

const DATABASE = "yunque";
const STORE = "photos";
const RETRY_MS = 3000;

let photos: WaitingPhoto[] = [];
const listeners = new Set<() => void>();
const answered = new Set<(photo: WaitingPhoto, view: JobView) => void>();
let running = false;
let author: string | undefined;

/** Called once it is known who is here: pictures that others took wait for them. */
export function photosOf(person: string): void {
  author = person;
  void flush();
}

function database(): Promise<IDBDatabase> {
  return new Promise((resolve, reject) => {
    const open = indexedDB.open(DATABASE, 1);
    open.onupgradeneeded = () => open.result.createObjectStore(STORE, { keyPath: "id" });
    open.onsuccess = () => resolve(open.result);
    open.onerror = () => reject(open.error);
  });
}

async function store(change: (store: IDBObjectStore) => IDBRequest): Promise<unknown> {
  const db = await database();
  return new Promise((resolve, reject) => {
    const done = change(db.transaction(STORE, "readwrite").objectStore(STORE));
    done.onsuccess = () => resolve(done.result);
    done.onerror = () => reject(done.error);
  });
}

function change(next: WaitingPhoto[]) {
  photos = next;
  for (const listener of listeners) {
    listener();
  }
}

export async function queuePhoto(photo: WaitingPhoto): Promise<void> {
  const taken = author === undefined ? photo : { ...photo, by: author };
  await store((s) => s.put(taken));
  change([...photos, taken]);
  void flush();
}

export async function forgetPhoto(id: string): Promise<void> {
  await store((s) => s.delete(id));
  change(photos.filter((p) => p.id !== id));
}

export function onPhotoKept(listener: (photo: WaitingPhoto, view: JobView) => void) {
  answered.add(listener);
}

async function flush(): Promise<void> {
  if (running) {
    return;
  }
  running = true;
  try {
    for (let next = waiting(); next; next = waiting()) {
      if (!(await send(next))) {
        setTimeout(() => void flush(), RETRY_MS);
        break;
      }
    }
  } finally {
    running = false;
  }
}

const waiting = () =>
  photos.find(
    (p) => p.refused === undefined && (p.by === undefined || author === undefined || p.by === author),
  );

/** False when the line is dead and it has to be tried again. */
async function send(photo: WaitingPhoto): Promise<boolean> {
  let response: Response;
  try {
    const of = new URLSearchParams();
    if (photo.step !== undefined) {
      of.set("step", photo.step);
    }
    if (photo.finding !== undefined) {
      of.set("finding", photo.finding);
    }
    response = await fetch(`/api/jobs/${photo.job}/photos/${photo.id}?${of}`, {
      method: "PUT",
      headers: { ...writeHeaders(photo.id, photo.by), "Content-Type": "application/octet-stream" },
      credentials: "same-origin",
      body: photo.blob,
    });
  } catch {
    return false;
  }
  if (response.status >= 500 || response.status === 401) {
    return false;
  }
  if (response.ok) {
    const view = (await response.json()) as JobView;
    await forgetPhoto(photo.id);
    for (const listener of answered) {
      listener(photo, view);
    }
    return true;
  }
  const refused = { ...photo, refused: (await problemOf(response)).detail };
  await store((s) => s.put(refused));
  change(photos.map((p) => (p.id === photo.id ? refused : p)));
  return true;
}

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

export const useWaitingPhotos = () => useSyncExternalStore(subscribe, () => photos);

/** Pictures of an earlier visit go out again. */
export async function wakePhotos(): Promise<void> {
  try {
    change((await store((s) => s.getAll())) as WaitingPhoto[]);
    void flush();
  } catch {
    // Without a database of the browser, pictures are sent at once or not at all.
  }
}
