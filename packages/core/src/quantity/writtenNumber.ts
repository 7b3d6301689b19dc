/** A number as somebody writes it, never divided by nothing: "2", "0.5", "1/2", "1 1/2". One rule for requests, documents and tables. */
export const WRITTEN_NUMBER = /^\d{1,6}( \d{1,4}\/0*[1-9]\d{0,3}|\/0*[1-9]\d{0,3}|\.\d{1,6})?$/;
/** The same with a sign: so much more, or less. */
export const SIGNED_NUMBER = new RegExp(WRITTEN_NUMBER.source.replace('^', '^-?'));
/** A part of one: "2/3", never divided by nothing. */
export const WRITTEN_SHARE = /^\d{1,4}(\/0*[1-9]\d{0,3})?$/;
