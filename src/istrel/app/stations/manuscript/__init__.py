"""The Manuscript: kept exhibits as they will print, their outline, and their export."""
