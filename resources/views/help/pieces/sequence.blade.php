<p>Tasks in the order they can be done, what each waits for and why, and the points where somebody has to look before it is covered.
    Set the first day and the days off; the calendar can be taken along.</p>
