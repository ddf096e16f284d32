<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

final class ImportRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['id' => ['required', 'uuid'], 'list' => ['required', 'file', 'max:11000']];
    }

    public function name(): string
    {
        return mb_substr($this->list()->getClientOriginalName(), 0, 120);
    }

    public function bytes(): string
    {
        return (string) file_get_contents($this->list()->getPathname());
    }

    private function list(): UploadedFile
    {
        $file = $this->file('list');
        assert($file instanceof UploadedFile);

        return $file;
    }
}
