<x-trouble title="Not to be had just now">Nothing you saved is lost. Try again in a moment.</x-trouble>
