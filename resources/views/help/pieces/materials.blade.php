<p>Generic materials with their design values. Choose a thickness to see what each does: its R inside and in wet ground, and what it may
    carry for good. A product’s own data sheet comes before any of these.</p>
<p>Prices are your firm’s; what has none is counted, not priced.</p>
