"""The study: its source, codebook, standing condition and kept exhibits; every change passes `history`."""
