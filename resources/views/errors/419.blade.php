<x-trouble title="This page stood open too long">Go back, load the page again and send it once more. Nothing was changed.</x-trouble>
