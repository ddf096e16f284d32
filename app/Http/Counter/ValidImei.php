<?php

declare(strict_types=1);

namespace App\Http\Counter;

use Facelift\Condition\Imei;
use Illuminate\Contracts\Validation\ValidationRule;

final readonly class ValidImei implements ValidationRule
{
    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        if (!is_string($value) || !Imei::isValid($value)) {
            $fail('The IMEI has 15 digits, and its last one does not agree with the others or is missing.');
        }
    }
}
