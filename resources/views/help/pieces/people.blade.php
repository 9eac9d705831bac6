<p>The owner invites people and says what each may do: design, build, look. Units, decimal mark and keys are each person’s own.</p>
