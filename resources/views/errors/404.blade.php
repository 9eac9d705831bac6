<x-trouble title="There is nothing here">The page or project you asked for is not there. It may be in the trash, or belong to another
    firm.</x-trouble>
