"""Models of the web interface, Create, Read and Update, beside the place of the page that they serve."""
