<p>An option is one way to build the job. Copy one to try another; the pinned one is the one that gets built, ordered and logged. Each
    has its own history, so nothing you try is lost.</p>
