<?php

declare(strict_types=1);

namespace App\Http\Phones;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A pack that somebody else has made, and what is taken over from it. */
final class PackRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'pack' => ['required', 'file', 'max:11000'],
            'phones' => ['sometimes', 'array', 'list', 'max:200'],
            'phones.*' => ['required', 'string', 'max:60', 'distinct'],
            'versions' => ['sometimes', 'array', 'list', 'max:200'],
            'versions.*' => ['required', 'integer', 'min:0', 'max:1000000'],
        ];
    }

    public function pack(): UploadedFile
    {
        $file = $this->file('pack');
        assert($file instanceof UploadedFile);

        return $file;
    }

    /** @return array<string, int> version that was looked at, by id */
    public function chosen(): array
    {
        $chosen = [];
        $versions = array_values((array) $this->input('versions'));
        foreach (array_values((array) $this->input('phones')) as $i => $id) {
            $version = $versions[$i] ?? null;
            if (is_string($id) && is_numeric($version)) {
                $chosen[$id] = (int) $version;
            }
        }

        return $chosen;
    }
}
