<x-trouble title="Too many at once">Wait a minute, then try again. Nothing was changed.</x-trouble>
