<?php

declare(strict_types=1);

// What is said of a field that is not as it should be, unless its form says more.
return [
    'string' => 'Allowed: words.',
    'max' => ['string' => 'Allowed: up to :max characters.', 'numeric' => 'Allowed: up to :max.', 'file' => 'Allowed: up to :max kB.'],
    'min' => ['string' => 'Allowed: :min characters or more.'],
    'required' => 'This is needed. :Attribute is missing.',
    'in' => 'Allowed: one of those listed.',
    'enum' => 'Allowed: one of those listed.',
    'integer' => 'Allowed: a whole number.',
    'email' => 'Allowed: an e-mail address such as name@firm.example.',
    'confirmed' => 'The two passwords differ.',
    'custom' => [
        'name' => ['required' => 'A name is needed: it stands beside everything you change.'],
        'firm' => ['required' => 'A firm needs a name.'],
        'password' => ['required' => 'A password is needed.'],
    ],
    'attributes' => ['name' => 'a name', 'family' => 'a family'],
];
