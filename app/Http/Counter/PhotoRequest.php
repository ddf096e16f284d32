<?php

declare(strict_types=1);

namespace App\Http\Counter;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

final class PhotoRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['id' => ['required', 'uuid'], 'photo' => ['required', 'file', 'max:11000']];
    }

    public function photo(): UploadedFile
    {
        $file = $this->file('photo');
        assert($file instanceof UploadedFile);

        return $file;
    }
}
