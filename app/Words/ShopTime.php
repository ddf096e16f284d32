<?php

declare(strict_types=1);

namespace App\Words;

use Carbon\CarbonInterface;
use Illuminate\Support\Carbon;

/** Moments as the shop writes them: in its own time zone, and in the language of its dates. */
final readonly class ShopTime
{
    /**
     * @param string $zone     such as `Europe/Berlin`
     * @param string $language such as `en_GB` or `de`
     */
    public function __construct(private string $zone, private string $language) {}

    /** `Thursday 26 November 2026, 15:40`, without the name of the zone: the sheet says that once. */
    public function long(CarbonInterface $at): string
    {
        return $this->here($at)->isoFormat('dddd D MMMM YYYY, HH:mm');
    }

    /** `2026-11-26`, the day as the shop has it */
    public function day(CarbonInterface $at): string
    {
        return $this->here($at)->format('Y-m-d');
    }

    /** `26 Nov 2026, 15:40` */
    public function moment(CarbonInterface $at): string
    {
        return $this->here($at)->isoFormat('D MMM YYYY, HH:mm');
    }

    /** @param int $ms since 1970 */
    public function ms(int $ms): string
    {
        return $this->moment(Carbon::createFromTimestampMs($ms));
    }

    /** @param int $ms since 1970 */
    public function clock(int $ms): string
    {
        return $this->here(Carbon::createFromTimestampMs($ms))->isoFormat('HH:mm');
    }

    /** The zone, as one reads it: `Europe/Berlin, UTC+01:00`. */
    public function zone(CarbonInterface $at): string
    {
        return $this->zone . ', UTC' . $this->here($at)->format('P');
    }

    private function here(CarbonInterface $at): CarbonInterface
    {
        $here = $at->toImmutable()->setTimezone($this->zone);
        $here->settings(['locale' => $this->language]);

        return $here;
    }
}
