/** How long a spec may take: a machine that others share stalls for seconds now and then. */
jasmine.DEFAULT_TIMEOUT_INTERVAL = 30_000;
