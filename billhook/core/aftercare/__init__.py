"""After the cut: clippings, whitewash, disinfectant, wounds and the crop that is given up."""
