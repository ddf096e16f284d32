<?php

declare(strict_types=1);

namespace App\Phones;

use Facelift\Anatomy\Family;
use Facelift\Capture\FamilyFile;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The skeletons of the families, as they ship. */
final readonly class Families
{
    public function __construct(private string $folder) {}

    /** @throws NotFoundHttpException If there is no skeleton for it. */
    public function of(Family $family): FamilyFile
    {
        $file = $this->folder . '/' . $family->value . '.family.json';
        if (!is_file($file)) {
            throw new NotFoundHttpException('There is no skeleton for the family ' . $family->value . '.');
        }

        return FamilyFile::read(json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR));
    }

    /** @return list<FamilyFile> */
    public function all(): array
    {
        return array_map($this->of(...), Family::cases());
    }
}
