<p>How much of everything, in what it is sold in, from the lengths of the plan. Send it, note what came, swap a product: the whole design
    is judged with the other product before you order it.</p>
