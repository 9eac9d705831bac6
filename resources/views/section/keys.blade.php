<dialog class="keys" id="keys" aria-labelledby="keys-title">
    <h2 id="keys-title">Keys on the bench</h2>
    <dl>
        <div><dt><kbd>Tab</kbd></dt><dd>to the next field; what was typed is saved on leaving it, or by <kbd>Enter</kbd></dd></div>
        <div><dt><kbd>↑</kbd> <kbd>↓</kbd></dt><dd>in a size: to the next larger or smaller one as it is bought</dd></div>
        <div><dt><kbd>Page Up</kbd> <kbd>Page Down</kbd></dt><dd>to the part above or below in the log</dd></div>
        <div><dt><kbd>Esc</kbd></dt><dd>in a field: back to what is saved</dd></div>
        <div><dt><kbd>Ctrl</kbd> <kbd>Z</kbd></dt><dd>undo; <kbd>Ctrl</kbd> <kbd>Shift</kbd> <kbd>Z</kbd> or <kbd>Ctrl</kbd> <kbd>Y</kbd>
            redo</dd></div>
        <div><dt><kbd>Ctrl</kbd> <kbd>S</kbd></dt><dd>save now</dd></div>
        <div><dt><kbd>1</kbd> … <kbd>9</kbd>, <kbd>0</kbd></dt><dd>to the part with that number, <kbd>0</kbd> is ten;
            <kbd>[</kbd> <kbd>]</kbd> to the part above or below, whatever its number</dd></div>
        <div><dt><kbd>J</kbd> <kbd>K</kbd></dt><dd>to the next finding, or back; <kbd>R</kbd> presses its remedy</dd></div>
        <div><dt><kbd>A</kbd></dt><dd>what is to be answered, and back to the findings; <kbd>C</kbd> the detail of each verdict in
            turn</dd></div>
        <div><dt><kbd>S</kbd> <kbd>L</kbd> <kbd>W</kbd> <kbd>T</kbd></dt><dd>over the drawing: sizes, levels, water, temperature;
            <kbd>H</kbd> heat flow, <kbd>V</kbd> vapour, <kbd>F</kbd> frost; <kbd>O</kbd> each in turn</dd></div>
        <div><dt><kbd>,</kbd> <kbd>.</kbd></dt><dd>a month back, a month on</dd></div>
        <div><dt><kbd>N</kbd> <kbd>P</kbd></dt><dd>next, previous option</dd></div>
        <div><dt><kbd>U</kbd></dt><dd>the other units</dd></div>
        <div><dt><kbd>?</kbd></dt><dd>this sheet</dd></div>
    </dl>
    <p>Single letters and digits work outside a field. With the hand: click a part or a dimension on the drawing to type its size; drag the
        marked ends of boards, wings, walls and
        footings.</p>
    <form method="dialog"><button class="go">Close</button></form>
</dialog>
