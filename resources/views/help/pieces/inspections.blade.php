<p>What you saw and measured at a damp place: marks, hours, readings. The page says what points to rain, to ground water, to
    condensation, and what to measure next.</p>
