// The modules that keep and tell what a device notes, as one global for device_spec.rb.
export * as blocks from "../../../web/src/api/device/blocks";
export * as drafts from "../../../web/src/api/device/drafts";
export * as outbox from "../../../web/src/api/device/outbox";
export * as ownTimers from "../../../web/src/api/device/ownTimers";
export * as reach from "../../../web/src/api/device/reach";
export * as record from "../../../web/src/api/device/record";
export * as sender from "../../../web/src/api/device/sender";
export * as store from "../../../web/src/api/device/store";
export * as ticks from "../../../web/src/api/device/ticks";
