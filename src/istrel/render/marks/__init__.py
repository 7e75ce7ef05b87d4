"""How what Istrel put into a document is known again when others wrote on: its marks, and what the document remembers of them."""
