<p>What was built against what was drawn, what the difference costs, and the pack for whoever gets the building: drawings, products,
    readings, photographs, cautions.</p>
