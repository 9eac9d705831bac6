<?php

declare(strict_types=1);

namespace App\Forms;

use Illuminate\Validation\ValidationException;
use Ondergrond\Codec\SizePath;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Units\QuantityFormatter;

/** The core's faults as messages at the fields of a form. */
final class FaultMessages
{
    /**
     * @param  string  $prefix  of the form's field names, such as `design.`
     * @return array<string, list<string>> by field
     */
    public static function of(FaultyInput $faulty, QuantityFormatter $format, string $prefix = ''): array
    {
        $messages = [];
        foreach ($faulty->faults as $fault) {
            $path = str_replace('/', '.', ltrim($fault->pointer, '/'));
            $quantity = SizePath::quantity($path);
            // They are typed into one field.
            $path = (string) preg_replace('~(winters_c_d|outdoor_rh_share|sunshine_share)\.\d+$~', '$1', $path);
            $allowed = $quantity === null ? "Allowed: {$fault->allowed}." : $fault->allowedIn($format, $quantity);
            // On a plan it takes more than the field to see what is wrong.
            $planned = preg_match('~^(plan|layout)(\.|$)~', $path) === 1 && $fault->min === null && $fault->max === null;
            $messages[$prefix.$path][] = $planned ? 'Found: '.$fault->found.'. '.$allowed : $allowed;
        }

        return $messages;
    }

    public static function thrown(FaultyInput $faulty, QuantityFormatter $format): ValidationException
    {
        return ValidationException::withMessages(self::of($faulty, $format));
    }
}
