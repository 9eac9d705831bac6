<p>The edge of the floor to scale. At the left its parts in the order they are laid; in the middle the drawing; at the right what was
    found. The five verdicts stand above, always: pick one to see how it was reached.</p>
<p>Click a size on the drawing to type it, drag the marked ends, or open a part at the left. <b>Add a part</b> shows what may come in.
    A finding says what is wrong and why; where there is a remedy, pressing it builds it, and
    pointing at it shows it dashed first; what it brings or makes worse stands under it.</p>
<p>Numbered words in the drawing are what the site leaves open: press one to answer it. The bar’s <b>Undo</b> takes back what you
    did; <kbd>?</kbd> lists the keys.</p>
