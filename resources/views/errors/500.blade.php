<x-trouble title="Something broke on our side">Nothing you saved is lost. Go back and try again.</x-trouble>
