<p>Where vapour comes from, month by month, and where it would turn to water; how dry faces stay; what keeps ground water out; how long
    concrete dries before a finish may lie on it. A face over its limit is where mould begins.</p>
