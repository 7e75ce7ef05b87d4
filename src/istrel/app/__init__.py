"""The window. Qt lives here and nowhere else; views show a model and send intentions, and hold no data of their own."""
