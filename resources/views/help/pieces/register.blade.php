<p>What must be settled before concrete covers it. What section and plan leave open stands here by itself, and is gone when the design no
    longer says it; what else there is (a floor box whose place the client has not said, a sleeve that the plumber wants elsewhere) is
        put in
    by hand, with whose it is and by when.</p>
<p>Settled means that somebody says how, with their name: a drawing that came, a word of the engineer, a decision. Where a point says
    something
    else afterwards, because the design changed, it is open again. The pour waits for all of them; whoever passes it over one says
        why.</p>
