<p>What the rooms do through hours and days: how long they stay warm without heating, how warm they get in summer, what the floor
    stores. It takes a moment to be worked out; the page fills itself.</p>
