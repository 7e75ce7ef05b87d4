"""The four stations in the order of the work. Each fills itself when first shown."""
