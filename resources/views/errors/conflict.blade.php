<x-trouble :title="$who.' changed this meanwhile'">Nothing of yours was saved, and nothing of theirs is lost. Go back, load the page
    again and do it once more.</x-trouble>
