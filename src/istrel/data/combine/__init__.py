"""Tables put together or turned: join by key, stack, wide to long, long to wide. Each tells first what it would do."""
