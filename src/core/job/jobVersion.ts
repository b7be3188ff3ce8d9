/** The version of the job document that this Pasture writes. */
export const JOB_VERSION = 16;
