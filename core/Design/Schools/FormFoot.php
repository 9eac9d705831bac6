<?php

declare(strict_types=1);

namespace Ondergrond\Design\Schools;

use Ondergrond\Design\Design;
use Ondergrond\Design\FormStart;

final class FormFoot implements School
{
    public function slug(): string
    {
        return 'form-foot';
    }

    public function question(): string
    {
        return 'Where the foam form starts';
    }

    public function answers(): array
    {
        return [FormStart::Footing->value => 'On the footing', FormStart::Grade->value => 'On a plain wall'];
    }

    public function decides(): string
    {
        return 'From the footing no concrete is left bare; on a plain wall less of it has to be protected below ground, and the wall '
            .'below has to be insulated apart.';
    }

    public function answer(Design $design): ?string
    {
        return $design->form->present() ? $design->form->starts->value : null;
    }

    public function follow(Design $design, string $answer): Design
    {
        $form = $design->form;

        return $design->with(
            [
                'form' => $form->but(starts: FormStart::from($answer)),
            ],
        );
    }
}
