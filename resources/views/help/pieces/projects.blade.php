<p>Each line is a job: its floor’s build-up as a core, what stands for heat, frost, damp, warmth and load, and what it loses. Open
    one to come to its section. <b>Start a project</b> draws a new one; a project file that somebody sent is brought in at the foot.</p>
<p>What is deleted lies in the trash, under your name, and can be taken back.</p>
