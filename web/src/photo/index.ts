export { PhotoStrip } from "./PhotoStrip";
export { onPhotoKept, wakePhotos } from "./queue";
