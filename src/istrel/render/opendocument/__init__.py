"""OpenDocument texts and spreadsheets."""
