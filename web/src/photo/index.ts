export { PhotoStrip } from "./PhotoStrip";
export { onPhotoKept, photosOf, wakePhotos } from "./queue";
