<?php

declare(strict_types=1);

namespace App\Phones;

use App\Models\DrawingStanding;
use App\Models\PhoneDrawing;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\PhoneForms;
use Facelift\Anatomy\PhoneReader;
use Facelift\Document\Unreadable;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * The phone files of the shop: those that ship, by their id, and those drawn up here, by id and version
 * (`tivane-pivot@3`).
 *
 * A job names the version it was opened with, so a file that is drawn anew changes no job.
 */
final class PhoneLibrary
{
    /** @var array<string, Phone> */
    private array $read = [];

    public function __construct(private readonly string $folder) {}

    /**
     * @throws NotFoundHttpException If there is no file for this id.
     * @throws Unreadable            If it cannot be read.
     */
    public function phone(string $id): Phone
    {
        return $this->read[$id] ??= (new PhoneReader())->read((new PhoneForms())->forward($this->document($id)));
    }

    /** What a list shows: a file that cannot be read must not take the list with it. */
    public function nameOf(string $id): string
    {
        try {
            return $this->phone($id)->identity->name();
        } catch (Unreadable|NotFoundHttpException) {
            return $id;
        }
    }

    /** @throws NotFoundHttpException If there is no file for this id. */
    public function document(string $id): mixed
    {
        return json_decode($this->text($id), true, 64, JSON_THROW_ON_ERROR);
    }

    /**
     * The file as it was written.
     *
     * @throws NotFoundHttpException If there is no file for this id.
     */
    public function text(string $id): string
    {
        $ref = PhoneRef::read($id);
        $file = $this->folder . '/' . $ref->file . '.phone.json';
        if ($ref->version === null && is_file($file)) {
            return (string) file_get_contents($file);
        }
        $drawn = PhoneDrawing::query()
            ->where('phone', $ref->file)
            ->when(
                $ref->version !== null,
                static fn($q) => $q->where('version', $ref->version),
                static fn($q) => $q->where('standing', DrawingStanding::Kept),
            )
            ->orderByDesc('version')
            ->first();

        return $drawn === null
            ? throw new NotFoundHttpException('There is no phone file "' . $id . '".')
            : $drawn->document;
    }

    /** The version that is kept last, or the file as it ships (or none at all) where none is. */
    public function newest(string $file): PhoneRef
    {
        $kept = PhoneDrawing::query()
            ->where('phone', $file)
            ->where('standing', DrawingStanding::Kept)
            ->max('version');

        return new PhoneRef($file, is_numeric($kept) ? (int) $kept : null);
    }

    public function ships(string $id): bool
    {
        return preg_match('/^[a-z0-9-]+$/D', $id) === 1 && is_file($this->folder . '/' . $id . '.phone.json');
    }

    /**
     * @return array<string, Phone> by the id that a new job takes: those whose maker, model or a code holds every
     *     word of the query
     */
    public function search(string $query): array
    {
        $words = preg_split('/\s+/', mb_strtolower(trim($query)), -1, PREG_SPLIT_NO_EMPTY);
        $phones = [];
        foreach ($this->current() as $id) {
            $phones[$id] = $this->phone($id);
        }

        return array_filter($phones, static function (Phone $phone) use ($words): bool {
            $text = mb_strtolower($phone->identity->name() . ' ' . implode(' ', array_keys($phone->identity->codes)));

            return array_filter(
                $words === false ? [] : $words,
                static fn(string $word): bool => !str_contains($text, $word),
            ) === [];
        });
    }

    /** @return list<Phone> */
    public function all(): array
    {
        return array_values($this->search(''));
    }

    /** @return list<string> the newest version of every phone */
    private function current(): array
    {
        $files = glob($this->folder . '/*.phone.json');
        $ids = array_map(
            static fn(string $file): string => basename($file, '.phone.json'),
            $files === false ? [] : $files,
        );
        $current = array_combine($ids, $ids);
        $kept = PhoneDrawing::query()->where('standing', DrawingStanding::Kept)->orderBy('version');
        foreach ($kept->get(['phone', 'version']) as $drawn) {
            $current[$drawn->phone] = (string) new PhoneRef($drawn->phone, $drawn->version);
        }
        ksort($current);

        return array_values($current);
    }
}
