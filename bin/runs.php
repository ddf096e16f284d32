<?php

declare(strict_types=1);

// Writes contract/runs/*.json anew: what happened, and the state that follows after each event. Both sides are tested
// against them.

use App\Http\Bench\BenchStateResource;
use Facelift\Bench\Event;
use Facelift\Bench\Run;
use Facelift\Tests\Bench\Runs;
use Facelift\Tests\Bench\Vectors;
use Facelift\Tests\Phones;

require __DIR__ . '/../vendor/autoload.php';

foreach (Vectors::made() as $name => [$phone, $kind, $events]) {
    $plan = Phones::plan($phone, $kind);
    $run = Run::of($plan, []);
    $states = [BenchStateResource::plain($run)];
    foreach ($events as $event) {
        $run = $run->with($event);
        $states[] = BenchStateResource::plain($run);
    }
    file_put_contents(__DIR__ . "/../contract/runs/$name.json", Vectors::json(
        $phone,
        $kind,
        $plan,
        $events,
        $states,
    ));
    echo "$name: ", count($events), " events\n";
}
