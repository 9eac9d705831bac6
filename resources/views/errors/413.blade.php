<x-trouble title="That was too much at once">What you sent is larger than anything Ondergrond takes. Allowed: a file of up to 60 MB.
    Nothing was changed.</x-trouble>
