// Cameras that a sheet can be laid under: those of the device, and the demo's stand-in.

export interface Camera {
  id: string;
  label: string;
  /** Show what the camera sees inside an element, until the returned function is called. Settles once it is seen. */
  show(place: HTMLElement): Promise<() => void>;
}

/** Milliseconds between two pictures of the stand-in. */
const FRAME = 400;

/** The cameras there are. The device asks before it tells. */
export async function cameras(standIn: string | null): Promise<Camera[]> {
  const devices = "mediaDevices" in navigator ? await deviceCameras() : [];
  return standIn ? [...devices, standInCamera(standIn)] : devices;
}

/** What a camera shows now, as a photo. */
export async function taken(place: HTMLElement, name: string): Promise<File | undefined> {
  const seen = place.querySelector<HTMLVideoElement | HTMLImageElement>("video, img");
  if (!seen) return undefined;
  const [width, height] =
    seen instanceof HTMLVideoElement
      ? [seen.videoWidth, seen.videoHeight]
      : [seen.naturalWidth, seen.naturalHeight];
  const canvas = document.createElement("canvas");
  Object.assign(canvas, { width, height });
  if (!width || !height) return undefined;
  canvas.getContext("2d")?.drawImage(seen, 0, 0);
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, "image/jpeg", 0.92));
  return blob ? new File([blob], name, { type: blob.type }) : undefined;
}

async function deviceCameras(): Promise<Camera[]> {
  try {
    // Names are only told once a camera was allowed.
    const asked = await navigator.mediaDevices.getUserMedia({ video: { facingMode: "environment" } });
    const devices = await navigator.mediaDevices.enumerateDevices();
    for (const track of asked.getTracks()) track.stop();
    return devices
      .filter(({ kind }) => kind === "videoinput")
      .map(({ deviceId, label }, i) => deviceCamera(deviceId, label || `Camera ${i + 1}`));
  } catch {
    return []; // none there, or not allowed
  }
}

function deviceCamera(id: string, label: string): Camera {
  return {
    id,
    label,
    async show(place) {
      const video = document.createElement("video");
      Object.assign(video, { muted: true, playsInline: true, autoplay: true });
      const stream = await navigator.mediaDevices.getUserMedia({
        // As sharp as the camera can: print has to be read.
        video: { deviceId: { exact: id }, width: { ideal: 3840 }, height: { ideal: 2880 } },
      });
      video.srcObject = stream;
      place.replaceChildren(video);
      await video.play();
      return () => {
        for (const track of stream.getTracks()) track.stop();
        video.remove();
      };
    },
  };
}

function standInCamera(address: string): Camera {
  return {
    id: "stand-in",
    label: "Document camera (stand-in)",
    async show(place) {
      let shown = true;
      const next = async () => {
        const frame = new Image();
        frame.alt = "";
        frame.src = `${address}?at=${Date.now()}`;
        await frame.decode(); // a photo is taken of what is shown: never of half a frame
        if (!shown) return;
        place.replaceChildren(frame);
        setTimeout(() => void next().catch(() => undefined), FRAME);
      };
      await next();
      return () => {
        shown = false;
        place.replaceChildren();
      };
    },
  };
}
