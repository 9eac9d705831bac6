<p>The rulebook lists every rule with its reason and its source; the glossary says what the words mean. All figures are calculations,
    not approval: local code and a licensed engineer or designer decide.</p>
