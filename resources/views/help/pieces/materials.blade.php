<p>Generic materials with their design values. Choose a thickness to see what each does: its R inside and in wet ground, and what it may
    carry for good. A product’s own data sheet comes before any of these.</p>
<p>Own products are what your firm buys, as their data sheets have them. Each is of a generic kind, which rules ask; what the sheet does not
    say is not checked. A project keeps the version it took and is offered later ones on its page of options.</p>
<p>Prices are your firm’s; what has none is counted, not priced.</p>
