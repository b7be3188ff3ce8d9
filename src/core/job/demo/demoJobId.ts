/** Id of the demo job: resetting it puts the job back as it ships. */
export const DEMO_JOB_ID = 'demo-orchard-lane';
