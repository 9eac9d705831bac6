<p>A link shows a client one option, readable without an account: the drawing, the words, what they hang on. It can be withdrawn.</p>
