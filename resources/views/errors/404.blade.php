<x-trouble title="There is nothing here">The page or project you asked for is not there. It may have been deleted.</x-trouble>
