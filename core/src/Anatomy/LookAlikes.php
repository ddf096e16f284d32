<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** Tells phones that look alike apart, by questions computed from their files. */
final readonly class LookAlikes
{
    /**
     * Those phones that agree with every answer.
     *
     * @param list<Phone>           $phones
     * @param array<string, string> $answers by feature code; measures agree within the least difference that can be
     *     told
     *
     * @return list<Phone>
     */
    public function left(array $phones, array $answers): array
    {
        return array_values(array_filter($phones, function (Phone $phone) use ($answers): bool {
            foreach ($answers as $feature => $answer) {
                if (!$this->agrees(Feature::from($feature), $phone, $answer)) {
                    return false;
                }
            }

            return true;
        }));
    }

    /**
     * The feature that leaves the fewest phones in the worst case; the quicker one to look at if several do.
     *
     * @param list<Phone> $phones
     *
     * @return array{feature: Feature, options: array<string, int>}|null the answers with how many phones each leaves;
     *     null if nothing seen from outside tells them apart
     */
    public function question(array $phones): ?array
    {
        $best = null;
        $fewest = \count($phones);
        foreach (Feature::cases() as $feature) {
            $options = $this->options($feature, $phones);
            $worst = $options === [] ? \count($phones) : max($options);
            if ($worst < $fewest) {
                $best = ['feature' => $feature, 'options' => $options];
                $fewest = $worst;
            }
        }

        return $best;
    }

    /**
     * @param list<Phone> $phones
     *
     * @return array<string, int>
     */
    private function options(Feature $feature, array $phones): array
    {
        $options = [];
        foreach (array_unique(array_map($feature->of(...), $phones)) as $answer) {
            $options[$answer] = \count(
                array_filter($phones, fn(Phone $p): bool => $this->agrees($feature, $p, (string) $answer)),
            );
        }
        ksort($options, $feature->leastDifference() > 0 ? \SORT_NUMERIC : \SORT_STRING);

        return $options;
    }

    private function agrees(Feature $feature, Phone $phone, string $answer): bool
    {
        $has = $feature->of($phone);

        return $feature->leastDifference() > 0
            ? abs((float) $has - (float) $answer) < $feature->leastDifference()
            : $has === $answer;
    }
}
