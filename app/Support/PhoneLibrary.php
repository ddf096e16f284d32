<?php

declare(strict_types=1);

namespace App\Support;

use Facelift\Anatomy\Phone;
use Facelift\Anatomy\PhoneReader;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The phone files of the shop. */
final class PhoneLibrary
{
    /** @var array<string, Phone> */
    private array $read = [];

    public function __construct(private readonly string $folder) {}

    /** @throws NotFoundHttpException If there is no file for this id. */
    public function phone(string $id): Phone
    {
        return $this->read[$id] ??= (new PhoneReader())->read($this->document($id));
    }

    /** @throws NotFoundHttpException If there is no file for this id. */
    public function document(string $id): mixed
    {
        $file = $this->folder . '/' . $id . '.phone.json';
        if (preg_match('/^[a-z0-9-]+$/', $id) !== 1 || !is_file($file)) {
            throw new NotFoundHttpException('There is no phone file "' . $id . '".');
        }

        return json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR);
    }

    /** @return list<Phone> those whose maker, model or a code holds every word of the query */
    public function search(string $query): array
    {
        $words = preg_split('/\s+/', mb_strtolower(trim($query)), -1, PREG_SPLIT_NO_EMPTY);
        $phones = array_map(fn(string $file): Phone => $this->phone(basename($file, '.phone.json')), $this->files());

        return array_values(array_filter($phones, static function (Phone $phone) use ($words): bool {
            $text = mb_strtolower($phone->identity->name() . ' ' . implode(' ', array_keys($phone->identity->codes)));

            return array_filter($words === false ? [] : $words, static fn(string $word): bool => !str_contains($text, $word)) === [];
        }));
    }

    /** @return list<Phone> */
    public function all(): array
    {
        return $this->search('');
    }

    /** @return list<string> */
    private function files(): array
    {
        $files = glob($this->folder . '/*.phone.json');

        return $files === false ? [] : $files;
    }
}
