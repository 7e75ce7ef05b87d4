"""The verb `count`: frequency tables with class intervals and combinations, and cross-tables with their tests."""
