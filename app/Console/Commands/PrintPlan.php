<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Heat\UsualSource;
use App\Words\PlanText;
use App\Words\Words;
use Facelift\Anatomy\UnknownId;
use Facelift\Condition\Condition;
use Facelift\Condition\Observation;
use Facelift\Document\Unreadable;
use Facelift\Fit\OldPanel;
use Facelift\Heat\Approach;
use Facelift\Heat\Source;
use Facelift\Heat\SourceReader;
use Facelift\Heat\Usual;
use Facelift\Plan\Means;
use Facelift\Plan\Plan;
use Facelift\Plan\PlanDocument;
use Facelift\Plan\Planner;
use Facelift\Plan\Request;
use Facelift\Plan\Strategies;
use Facelift\Quantity\OutOfRange;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

/** Plans a job from a phone file alone; needs no database. */
final class PrintPlan extends Command
{
    use OptionText;

    protected $signature = 'facelift:plan '
        . '{file : phone file} '
        . '{--part= : kind of part} '
        . '{--source= : plate:°C, air:°C,mm away,mm of edge or bag:kg,minutes; the recommended one if none is named} '
        . '{--hold : the hot air goes on along the stretch that is cut} '
        . '{--preheat= : what the whole phone is warmed with first, as --source} '
        . '{--fault= : codes, comma between} '
        . '{--old-panel=save : save or give-up} '
        . '{--json : the plan document}';

    protected $description = 'Plan a job';

    public function handle(Words $words): int
    {
        try {
            $request = $this->request();
            $plan = $this->text('source') === ''
                ? $this->recommended($request)
                : (new Planner())->plan($request);
        } catch (Unreadable|UnknownId|OutOfRange|\UnexpectedValueException|\JsonException $e) {
            $this->components->error($e->getMessage());

            return self::FAILURE;
        }
        $this->output->writeln(
            $this->option('json') === true
                ? json_encode(
                    (new PlanDocument())->write($plan),
                    JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
                )
                : PlanText::of($plan, $words),
            OutputInterface::OUTPUT_RAW,
        );

        return $plan->works() ? self::SUCCESS : self::FAILURE;
    }

    private function request(): Request
    {
        $given = GivenPhone::from($this->argument('file'), $this->option('part'));
        $codes = array_filter(
            explode(',', $this->text('fault')),
            static fn(string $c): bool => $c !== '',
        );
        $seen = array_map(
            static fn(string $c): Observation => Observation::tryFrom($c)
                ?? throw new \UnexpectedValueException(
                    '--fault "' . $c . '" must be one of ' . implode(', ', array_column(Observation::cases(), 'value')),
                ),
            array_values($codes),
        );

        return new Request(
            $given->phone,
            $given->part,
            Condition::observed($seen),
            $this->source(),
            wish: OldPanel::tryFrom($this->text('old-panel'))
                ?? throw new \UnexpectedValueException('--old-panel must be save or give-up'),
            approach: $this->approach(),
        );
    }

    /** With the source that opens the phone best, of those that every shop is taken to have. */
    private function recommended(Request $request): Plan
    {
        $read = static fn(UsualSource $u): array => array_map((new SourceReader())->read(...), $u->settings());
        $strategies = (new Strategies())->of($request, new Means(array_map($read, UsualSource::cases()), true));
        $best = Strategies::recommended($strategies);
        $with = $best === null
            ? $request
            : $request->heatedBy($strategies[$best]->source, $strategies[$best]->approach);
        if ($best !== null) {
            $named = UsualSource::cases()[$best]->settings()[$strategies[$best]->tried];
            $before = $with->approach->preheat;
            $this->output->getErrorStyle()->writeln(
                'source: ' . json_encode($named, JSON_THROW_ON_ERROR)
                    . ($with->approach->held ? ', held along the cut' : '')
                    . ($before === null ? '' : ', after a plate at ' . $before->set . ' °C')
                    . ', recommended',
            );
        }

        return (new Planner())->plan($with)->among($strategies);
    }

    /** As it is sent and kept: what `--source`, `--hold` and `--preheat` say together. */
    private function source(): Source
    {
        return (new SourceReader())->read($this->sent());
    }

    private function approach(): Approach
    {
        return (new SourceReader())->approach($this->sent());
    }

    /** @return array<string, mixed> */
    private function sent(): array
    {
        $before = $this->text('preheat');

        return self::parsed('source', $this->text('source'))
            + ($this->option('hold') === true ? ['hold' => true] : [])
            + ($before === '' ? [] : ['preheat' => self::parsed('preheat', $before)]);
    }

    /** @return array<string, mixed> */
    private static function parsed(string $option, string $given): array
    {
        $figure = '(\d+(?:\.\d+)?)';

        return match (true) {
            $given === '' => ['kind' => 'plate', 'set' => Usual::PLATE],
            preg_match("/^plate:$figure$/", $given, $m) === 1 => ['kind' => 'plate', 'set' => (float) $m[1]],
            preg_match("/^air:$figure,$figure,$figure$/", $given, $m) === 1 => [
                'kind' => 'hot-air',
                'set' => (float) $m[1],
                'distance' => (float) $m[2],
                'edge' => (float) $m[3],
            ],
            preg_match("/^bag:$figure,$figure$/", $given, $m) === 1 => [
                'kind' => 'grain-bag',
                'mass' => (float) $m[1],
                'minutes' => (float) $m[2],
            ],
            default => throw new \UnexpectedValueException(
                "--$option must be plate:°C, air:°C,mm away,mm of edge or bag:kg,minutes, for example plate:85",
            ),
        };
    }
}
