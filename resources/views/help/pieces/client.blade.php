<p>Ten sentences say what the design means; below them is the drawing with a key to its numbers. It is live: it shows the design as it
    stands. <b>Provisional</b> is said where the climate is not the site’s own yet, <b>not checked</b> where something is not known: neither
    is a limit met.</p>
