// Put in by the build: which shape of answers this program speaks.
declare const __SHAPE__: string;
