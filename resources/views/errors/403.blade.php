<x-trouble title="That is not yours to do">Your role in the firm does not reach this far. An owner of the firm can change that. Nothing was
    changed.</x-trouble>
