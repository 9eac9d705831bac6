<x-trouble title="That can’t be done">The address or what was sent with it is not one that Ondergrond knows. Nothing was
    changed.</x-trouble>
