<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use Illuminate\Foundation\Http\FormRequest;

final class CountedRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['label' => ['required', 'string', 'max:200']];
    }

    /** The label; a scanner may give the whole address that the code holds. */
    public function label(): string
    {
        $text = trim($this->string('label')->toString());

        return mb_substr(rawurldecode((string) preg_replace('#^.*/shelf/#', '', $text)), 0, 20);
    }
}
