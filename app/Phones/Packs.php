<?php

declare(strict_types=1);

namespace App\Phones;

use App\Exceptions\Conflict;
use App\Models\User;
use App\Words\ShopName;
use App\Words\ShopTime;
use Facelift\Anatomy\PhoneDifference;
use Facelift\Document\Reason;
use Facelift\Pack\Pack;
use Facelift\Pack\Packed;
use Facelift\Pack\PackWriter;
use Facelift\Pack\ShopKey;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Phone files given away and taken in, several in one file; what differs is said before anything is taken over. */
final readonly class Packs
{
    public function __construct(private PhoneLibrary $phones, private DrawPhone $draw, private PackFile $file) {}

    /**
     * @param list<string> $ids as the library names them
     *
     * @return string the zip file, signed with the shop's key if it has one
     *
     * @throws NotFoundHttpException If there is no file for one of them.
     */
    public function of(array $ids): string
    {
        $documents = array_map($this->document(...), array_values(array_unique($ids)));

        return $this->file->write((new PackWriter())->entries(
            $documents,
            ShopName::now(),
            app(ShopTime::class)->day(Carbon::now()),
            self::key(),
        ));
    }

    /** @return array<string, mixed> whose it is, and of every file what it would change here */
    public function look(Pack $pack): array
    {
        return [
            'shop' => $pack->shop,
            'made' => $pack->made,
            'signedBy' => $pack->key === null ? null : ShopKey::fingerprint($pack->key),
            'own' => $pack->key !== null && $pack->key === self::key()?->public,
            'files' => array_map($this->compared(...), $pack->files),
        ];
    }

    /**
     * All that were chosen, or none.
     *
     * @param array<string, int> $chosen version that was looked at, by id in the file; zero where there was none
     *
     * @throws Conflict If one of them was drawn anew since it was looked at.
     */
    public function take(User $user, Pack $pack, array $chosen): int
    {
        return DB::connection()->transaction(function () use ($user, $pack, $chosen): int {
            $taken = 0;
            foreach ($pack->files as $file) {
                $id = $file->phone->identity->id;
                if (isset($chosen[$id])) {
                    ($this->draw)($user, $id, $chosen[$id], $file->document);
                    ++$taken;
                }
            }

            return $taken;
        }, 3);
    }

    /** @return array<string, mixed> */
    private function compared(Packed $file): array
    {
        $id = $file->phone->identity->id;
        $newest = $this->phones->newest($id);
        $isHere = $newest->version !== null || $this->phones->ships($id);
        $changes = $isHere
            ? (new PhoneDifference())->between($this->document((string) $newest), $file->document)
            : [];

        return [
            'id' => $id,
            'name' => $file->phone->identity->name(),
            'version' => $newest->version ?? 0,
            'here' => $isHere,
            'rests' => PackWriter::rests($file->phone),
            'changes' => array_map(static fn(Reason $r): array => $r->toArray(), $changes),
        ];
    }

    /** @return array<string, mixed> */
    private function document(string $id): array
    {
        $document = [];
        foreach ((array) $this->phones->document($id) as $key => $value) {
            $document[(string) $key] = $value;
        }

        return $document;
    }

    private static function key(): ?ShopKey
    {
        $seed = base64_decode(Config::string('facelift.pack_key'), true);

        return is_string($seed) && strlen($seed) === SODIUM_CRYPTO_SIGN_SEEDBYTES ? ShopKey::of($seed) : null;
    }
}
