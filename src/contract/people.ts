import type { AuditWord, Role } from '@/core/people';

/** A person, as owners of a kitchen see them. */
export type PersonThere = {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  /** False: comes in by paired devices only. */
  readonly has_passphrase: boolean;
  /** Belongs to this kitchen only, so that its owner may set the passphrase anew. */
  readonly only_here: boolean;
  readonly devices: readonly DeviceThere[];
};

/** A device that somebody is signed in on. */
export type DeviceThere = {
  readonly id: string;
  /** What it calls itself: "Chrome on Android". */
  readonly name: string;
  readonly begun_at: string;
  readonly seen_at: string;
  /** The one that asks. */
  readonly is_this: boolean;
};

/** Something that somebody did, for those who look after the kitchen. */
export type AuditEntry = { readonly at: string; readonly person: string; readonly what: AuditWord; readonly about: string };

/** Whether other devices may come, and how they find the way. */
export type SharingView = {
  /** Everybody who comes must be known. */
  readonly sign_in: boolean;
  /** The page is asked for on the machine itself, where this may be changed. */
  readonly is_here: boolean;
  /** Where other devices find it; null while none may, or it could not be begun. */
  readonly url: string | null;
  /** Why it could not be begun. */
  readonly trouble: string | null;
  /** By which one knows the kitchen's own authority when a device asks: SHA-256 of its certificate. */
  readonly fingerprint: string | null;
  /** Addresses of this machine in its networks. */
  readonly addresses: readonly string[];
};

/** Everything about people and devices of a kitchen. */
export type PeopleView = {
  readonly kitchen: string;
  readonly sharing: SharingView;
  readonly people: readonly PersonThere[];
  readonly audit: readonly AuditEntry[];
  /** The one who asks; null where nobody needs to be known. */
  readonly me: string | null;
  /** When this was so. */
  readonly now: string;
};

/** A square to be photographed: how many fields wide, and its dark fields as an SVG path. */
export type QrSquare = { readonly fields: number; readonly path: string };

/** A code that signs one device in, once, until it ends. */
export type PairingCode = { readonly code: string; readonly url: string; readonly qr: QrSquare; readonly ends_at: string };

/** Who is signed in, as every page shows. */
export type Me = { readonly name: string; readonly role: Role | null };
