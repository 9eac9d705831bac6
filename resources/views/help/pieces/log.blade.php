<p>For the site, on a telephone: what was done and read, with photographs. Each entry says at once whether the reading holds. A hold
    point is passed by whoever may pass it, with a reason where something is open.</p>
