<p>Options beside each other: figures, verdicts, costs, each difference in a line. Green is never said of what was not run.</p>
