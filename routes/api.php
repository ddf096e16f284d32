<?php

declare(strict_types=1);

use App\Http\Account\AccountController;
use App\Http\Account\ColleagueController;
use App\Http\Account\InvitationController;
use App\Http\Account\OwnController;
use App\Http\Account\SessionController;
use App\Http\Audit\AuditController;
use App\Http\Bench\BenchController;
use App\Http\Bench\BenchHeatController;
use App\Http\Bench\CaptureController;
use App\Http\Bench\DragController;
use App\Http\Bench\HeatController;
use App\Http\Bench\PartFailureController;
use App\Http\Bench\PartOrderController;
use App\Http\Bench\PhonePageController;
use App\Http\Bench\PlanController;
use App\Http\Bench\ProofController;
use App\Http\Bench\ScrewMatController;
use App\Http\Bench\StrategyController;
use App\Http\Bench\ThermometerController;
use App\Http\Bench\TimerController;
use App\Http\Bench\TransferController;
use App\Http\Bench\TroubleController;
use App\Http\Counter\AfterController;
use App\Http\Counter\CheckInController;
use App\Http\Counter\ClaimController;
use App\Http\Counter\HandOverController;
use App\Http\Counter\HistoryController;
use App\Http\Counter\JobController;
use App\Http\Counter\LookController;
use App\Http\Counter\PartController;
use App\Http\Counter\PhotoController;
use App\Http\Counter\QuoteController;
use App\Http\Counter\ReceiptController;
use App\Http\Counter\RulesController;
use App\Http\Counter\ScopeController;
use App\Http\Counter\ShopController;
use App\Http\Day\CalendarController;
use App\Http\Day\DayController;
use App\Http\Middleware\PlainQuery;
use App\Http\Phones\PackController;
use App\Http\Phones\PhoneController;
use App\Http\Phones\PhoneFileController;
use App\Http\Phones\ProvisionalController;
use App\Http\Privacy\PrivacyController;
use App\Http\Record\RecordController;
use App\Http\Seal\JobSealController;
use App\Http\Seal\RollController;
use App\Http\Seal\SealController;
use App\Http\Shelf\CountController;
use App\Http\Shelf\ImportController;
use App\Http\Shelf\OldPartController;
use App\Http\Shelf\OrderController;
use App\Http\Shelf\ReturnController;
use App\Http\Shelf\ShelfController;
use App\Http\Shelf\SupplierController;
use App\Http\Supply\ReorderController;
use App\Http\Supply\SupplyController;
use App\Models\Absence;
use App\Models\Audit;
use App\Models\Claim;
use App\Models\Figure;
use App\Models\HeatSource;
use App\Models\Job;
use App\Models\JobFact;
use App\Models\PhoneDrawing;
use App\Models\Roll;
use App\Models\ShelfItem;
use App\Models\ShopRule;
use App\Models\Supply;
use App\Models\User;
use Illuminate\Support\Facades\Route;

Route::post('sign-in', [SessionController::class, 'store'])->middleware('throttle:sign-in');
Route::middleware('throttle:sign-in')->where(['word' => '[0-9a-f]{40}'])->group(static function (): void {
    Route::get('invitations/{word}', [InvitationController::class, 'show']);
    Route::post('invitations/{word}', [InvitationController::class, 'accept']);
});

Route::middleware(['auth:sanctum', 'throttle:api'])->group(static function (): void {
    Route::post('sign-out', [SessionController::class, 'destroy']);
    Route::get('me', [SessionController::class, 'show']);
    Route::put('me/password', [OwnController::class, 'password'])->can('keepOwn', User::class);
    Route::get('me/sessions', [OwnController::class, 'sessions'])->can('keepOwn', User::class);
    Route::put('me/pin', [OwnController::class, 'pin'])->can('keepOwn', User::class);
    Route::get('colleagues', [ColleagueController::class, 'index'])->can('keepOwn', User::class);
    Route::post('colleagues/{account}', [ColleagueController::class, 'store'])->can('keepOwn', User::class);
    Route::delete('me/sessions/{session}', [OwnController::class, 'end'])->can('keepOwn', User::class);
    Route::post('me/second-factor', [OwnController::class, 'begin'])->can('keepOwn', User::class);
    Route::put('me/second-factor', [OwnController::class, 'confirm'])->can('keepOwn', User::class);
    Route::post('me/second-factor/off', [OwnController::class, 'drop'])->can('keepOwn', User::class);
    Route::get('privacy', [PrivacyController::class, 'show'])->can('forget', Job::class);
    Route::put('privacy', [PrivacyController::class, 'update'])->can('forget', Job::class);
    Route::get('privacy/jobs', [PrivacyController::class, 'jobs'])->can('forget', Job::class);
    Route::post('privacy/file', [PrivacyController::class, 'file'])->can('forget', Job::class);
    Route::post('privacy/nameless', [PrivacyController::class, 'nameless'])->can('forget', Job::class);
    Route::prefix('record')->group(static function (): void {
        Route::get('shares', [RecordController::class, 'shares'])->can('viewAny', JobFact::class);
        Route::get('jobs', [RecordController::class, 'behind'])->can('viewAny', JobFact::class);
        Route::get('money', [RecordController::class, 'money'])->can('seeEarned', JobFact::class);
        Route::get('minutes', [RecordController::class, 'minutes'])->can('viewAny', JobFact::class);
        Route::put('minutes', [RecordController::class, 'takeMinutesOver'])->can('keep', Figure::class);
        Route::delete('minutes', [RecordController::class, 'takeMinutesBack'])->can('keep', Figure::class);
        Route::get('changed', [RecordController::class, 'changed'])->can('viewAny', JobFact::class);
        Route::get('figures', [RecordController::class, 'figures'])->can('viewAny', JobFact::class);
        Route::get('foreseen', [RecordController::class, 'foreseen'])->can('viewAny', JobFact::class);
        Route::put('contact', [RecordController::class, 'takeContactOver'])->can('keep', Figure::class);
        Route::delete('contact', [RecordController::class, 'takeContactBack'])->can('keep', Figure::class);
        Route::get('windows', [RecordController::class, 'windows'])->can('viewAny', JobFact::class);
        Route::put('learning', [RecordController::class, 'bySelf'])->can('keep', Figure::class);
        Route::put('windows', [RecordController::class, 'takeOver'])->can('keep', Figure::class);
        Route::delete('windows', [RecordController::class, 'takeBack'])->can('keep', Figure::class);
    });
    Route::get('accounts', [AccountController::class, 'index'])->can('keep', User::class);
    Route::post('accounts', [AccountController::class, 'store'])->can('keep', User::class);
    Route::put('accounts/{account}', [AccountController::class, 'update'])->can('keep', User::class);
    Route::post('accounts/{account}/invitation', [AccountController::class, 'invite'])->can('keep', User::class);
    Route::get('phones', [PhoneController::class, 'index'])->can('viewAny', Job::class);
    Route::get('phones/{phone}', [PhoneController::class, 'show'])->can('viewAny', Job::class);
    Route::get('phones/{phone}/parts', [PhoneController::class, 'parts'])->can('viewAny', Job::class);
    Route::get('families', [ProvisionalController::class, 'families'])->can('viewAny', Job::class);
    Route::post('provisional/near', [ProvisionalController::class, 'near'])->can('create', Job::class);
    Route::post('provisional', [ProvisionalController::class, 'store'])->can('create', Job::class);
    Route::post('phones/tell-apart', [PhoneController::class, 'tellApart'])->can('viewAny', Job::class);
    Route::post('phone-files/check', [PhoneFileController::class, 'check'])->can('viewAny', PhoneDrawing::class);
    Route::post('phone-files/text', [PhoneFileController::class, 'text'])->can('viewAny', PhoneDrawing::class);
    Route::post('phone-files/outline', [PhoneFileController::class, 'outline'])->can('viewAny', PhoneDrawing::class);
    Route::get('phone-files/{phone}', [PhoneFileController::class, 'show'])
        ->where('phone', '[a-z0-9-]+')
        ->can('viewAny', PhoneDrawing::class);
    Route::put('phone-files/{phone}', [PhoneFileController::class, 'update'])
        ->where('phone', '[a-z0-9-]+')
        ->can('draw', PhoneDrawing::class);
    Route::get('phone-files/{phone}/versions', [PhoneFileController::class, 'versions'])
        ->where('phone', '[a-z0-9-]+')
        ->can('viewAny', PhoneDrawing::class);
    Route::post('phone-files/{phone}/versions/{version}/review', [PhoneFileController::class, 'review'])
        ->where('phone', '[a-z0-9-]+')
        ->where('version', '[0-9]{1,9}')
        ->can('draw', PhoneDrawing::class);
    Route::post('phone-packs', [PackController::class, 'make'])->can('viewAny', PhoneDrawing::class);
    Route::post('phone-packs/look', [PackController::class, 'look'])->can('draw', PhoneDrawing::class);
    Route::post('phone-packs/take', [PackController::class, 'take'])->can('draw', PhoneDrawing::class);
    Route::get('history', HistoryController::class)->can('viewAny', Job::class);
    Route::get('shelf', [ShelfController::class, 'index'])->can('viewAny', ShelfItem::class);
    Route::post('shelf', [ShelfController::class, 'store'])->can('keep', ShelfItem::class);
    Route::get('shelf/labels.pdf', [ShelfController::class, 'labels'])->can('viewAny', ShelfItem::class);
    Route::get('shelf/export.csv', [ShelfController::class, 'export'])->can('seeCost', ShelfItem::class);
    Route::get('shelf/items/{label}', [ShelfController::class, 'show'])->can('viewAny', ShelfItem::class);
    Route::put('shelf/{item}', [ShelfController::class, 'update'])->whereNumber('item')->can('keep', ShelfItem::class);
    Route::post('shelf/imports', [ImportController::class, 'store'])->can('keep', ShelfItem::class);
    Route::get('shelf/imports/{import}', [ImportController::class, 'show'])
        ->whereUuid('import')
        ->can('keep', ShelfItem::class);
    Route::post('shelf/imports/{import}/check', [ImportController::class, 'check'])
        ->whereUuid('import')
        ->can('keep', ShelfItem::class);
    Route::post('shelf/imports/{import}/commit', [ImportController::class, 'commit'])
        ->whereUuid('import')
        ->can('keep', ShelfItem::class);
    Route::post('shelf/counts', [CountController::class, 'store'])->can('keep', ShelfItem::class);
    Route::get('shelf/counts/{count}', [CountController::class, 'show'])
        ->whereUuid('count')
        ->can('keep', ShelfItem::class);
    Route::post('shelf/counts/{count}/items', [CountController::class, 'add'])
        ->whereUuid('count')
        ->can('keep', ShelfItem::class);
    Route::post('shelf/counts/{count}/close', [CountController::class, 'close'])
        ->whereUuid('count')
        ->can('keep', ShelfItem::class);
    Route::get('orders', [OrderController::class, 'index'])->can('viewAny', ShelfItem::class);
    Route::prefix('orders/{order}')
        ->whereUuid('order')
        ->group(static function (): void {
            Route::put('arrival', [OrderController::class, 'arrived'])->can('keep', ShelfItem::class);
            Route::put('wrong', [OrderController::class, 'wrong'])->can('keep', ShelfItem::class);
            Route::put('due', [OrderController::class, 'later'])->can('keep', ShelfItem::class);
            Route::put('loss', [OrderController::class, 'lost'])->can('keep', ShelfItem::class);
        });
    Route::get('returns', [ReturnController::class, 'index'])->can('viewAny', ShelfItem::class);
    Route::put('returns/{return}', [ReturnController::class, 'update'])
        ->whereUuid('return')
        ->can('keep', ShelfItem::class);
    Route::get('old-parts', [OldPartController::class, 'index'])->can('viewAny', ShelfItem::class);
    Route::put('old-parts/{part}/used', [OldPartController::class, 'use'])
        ->whereNumber('part')
        ->can('keep', ShelfItem::class);
    Route::get('old-parts/{part}/label.pdf', [OldPartController::class, 'label'])
        ->whereNumber('part')
        ->can('viewAny', ShelfItem::class);
    Route::get('claims', [ClaimController::class, 'index'])->can('viewAny', Claim::class);
    Route::post('claims/{claim}/payments', [ClaimController::class, 'pay'])
        ->whereUuid('claim')
        ->can('settle', Claim::class);
    Route::post('claims/{claim}/rejection', [ClaimController::class, 'reject'])
        ->whereUuid('claim')
        ->can('settle', Claim::class);
    Route::post('heat', [HeatController::class, 'advise'])->can('viewAny', HeatSource::class);
    Route::post('heat/refit', [HeatController::class, 'refit'])->can('viewAny', HeatSource::class);
    Route::get('heat/sources', [HeatController::class, 'index'])->can('viewAny', HeatSource::class);
    Route::post('heat/sources', [HeatController::class, 'store'])->can('keep', HeatSource::class);
    Route::delete('heat/sources/{source}', [HeatController::class, 'destroy'])
        ->whereUuid('source')
        ->can('keep', HeatSource::class);
    Route::post('seal', [SealController::class, 'show'])->can('viewAny', Roll::class);
    Route::get('seal/sheet.{format}', [SealController::class, 'sheet'])
        ->whereIn('format', ['svg', 'dxf', 'pdf'])
        // What was measured, by side.
        ->withoutMiddleware(PlainQuery::class)
        ->can('viewAny', Roll::class);
    Route::get('rolls', [RollController::class, 'index'])->can('viewAny', Roll::class);
    Route::put('rolls/{roll}', [RollController::class, 'update'])->whereUuid('roll')->can('keep', Roll::class);
    Route::delete('rolls/{roll}', [RollController::class, 'destroy'])->whereUuid('roll')->can('keep', Roll::class);
    Route::get('audit', [AuditController::class, 'index'])->can('viewAny', Audit::class);
    Route::get('audit.csv', [AuditController::class, 'export'])->can('viewAny', Audit::class);
    Route::get('supplies', [SupplyController::class, 'index'])->can('viewAny', Supply::class);
    Route::put('supplies/{supply}', [SupplyController::class, 'update'])
        ->whereUuid('supply')
        ->can('keep', Supply::class);
    Route::put('supplies/{supply}/count', [SupplyController::class, 'counted'])
        ->whereUuid('supply')
        ->can('keep', Supply::class);
    Route::delete('supplies/{supply}', [SupplyController::class, 'destroy'])
        ->whereUuid('supply')
        ->can('keep', Supply::class);
    Route::get('reorder', [ReorderController::class, 'index'])->can('viewAny', Supply::class);
    Route::put('reorder/level', [ReorderController::class, 'update'])->can('keep', Supply::class);
    Route::get('day', [DayController::class, 'show'])->can('viewAny', Job::class);
    Route::get('day.ics', [CalendarController::class, 'file'])->can('viewAny', Job::class);
    Route::get('day/address', [CalendarController::class, 'show'])->can('keep', ShopRule::class);
    Route::post('day/address', [CalendarController::class, 'change'])->can('keep', ShopRule::class);
    Route::post('day/preview', [DayController::class, 'preview'])->can('viewAny', Job::class);
    Route::put('absences/{absence}', [DayController::class, 'leave'])
        ->whereUuid('absence')
        ->can('keep', Absence::class);
    Route::delete('absences/{absence}', [DayController::class, 'comeBack'])
        ->whereUuid('absence')
        ->can('keep', Absence::class);
    Route::get('shop', [ShopController::class, 'show'])->can('viewAny', Job::class);
    Route::put('shop', [ShopController::class, 'update'])->can('keep', ShopRule::class);
    Route::post('shop/effect', [DayController::class, 'otherwise'])->can('keep', ShopRule::class);
    Route::get('rules', [RulesController::class, 'show'])->can('keep', ShopRule::class);
    Route::put('rules', [RulesController::class, 'update'])->can('keep', ShopRule::class);
    Route::post('rules/effect', [RulesController::class, 'effect'])->can('keep', ShopRule::class);
    Route::get('timers', TimerController::class)->can('viewAny', Job::class);
    Route::get('thermometers', [ThermometerController::class, 'index'])->can('viewAny', Job::class);
    Route::get('jobs', [JobController::class, 'index'])->can('viewAny', Job::class);
    Route::post('jobs', [JobController::class, 'store'])->can('create', Job::class);

    Route::prefix('jobs/{job}')
        ->whereUuid('job')
        ->group(static function (): void {
            Route::get('', [JobController::class, 'show'])->can('view', 'job');
            Route::put('place', [DayController::class, 'place'])->can('choose', 'job');
            Route::put('check-in', CheckInController::class)->can('checkIn', 'job');
            Route::post('look', LookController::class)->can('view', 'job');
            Route::get('photos', [PhotoController::class, 'index'])->can('view', 'job');
            Route::post('photos', [PhotoController::class, 'store'])->can('checkIn', 'job');
            Route::get('photos/{photo}.jpg', [PhotoController::class, 'show'])
                ->whereUuid('photo')
                ->can('view', 'job');
            Route::put('photos/{photo}/ground', [PhotoController::class, 'ground'])
                ->whereUuid('photo')
                ->can('work', 'job');
            Route::delete('photos/{photo}', [PhotoController::class, 'destroy'])
                ->whereUuid('photo')
                ->can('checkIn', 'job');
            Route::put('receipt', [ReceiptController::class, 'update'])->can('checkIn', 'job');
            Route::get('receipt.pdf', [ReceiptController::class, 'pdf'])->can('view', 'job');
            Route::get('supplier', [SupplierController::class, 'show'])->can('view', 'job');
            Route::post('supplier', [SupplierController::class, 'ask'])->can('choose', 'job');
            Route::put('order', [OrderController::class, 'store'])->can('choose', 'job');
            Route::put('phone', [JobController::class, 'comes'])->can('checkIn', 'job');
            Route::get('quote', [QuoteController::class, 'show'])->can('view', 'job');
            Route::put('quote/acceptance', [QuoteController::class, 'accept'])->can('choose', 'job');
            Route::put('quote/refusal', [QuoteController::class, 'refuse'])->can('choose', 'job');
            Route::get('quote.pdf', [QuoteController::class, 'pdf'])->can('view', 'job');
            Route::put('claim', [ClaimController::class, 'update'])->can('choose', 'job');
            Route::put('part-failure', [PartFailureController::class, 'store'])->can('work', 'job');
            Route::get('scope', [ScopeController::class, 'show'])->can('view', 'job');
            Route::put('scope', [ScopeController::class, 'update'])->can('choose', 'job');
            Route::get('part', [PartController::class, 'show'])->can('view', 'job');
            Route::put('part', [PartController::class, 'update'])->can('choose', 'job');
            Route::get('plan', [PlanController::class, 'show'])->can('view', 'job');
            Route::put('plan', [PlanController::class, 'update'])->can('choose', 'job');
            Route::get('strategies', [StrategyController::class, 'show'])->can('view', 'job');
            Route::get('bench', [BenchController::class, 'show'])->can('view', 'job');
            Route::post('events', [BenchController::class, 'store'])->can('work', 'job');
            Route::get('heat/{bond}', BenchHeatController::class)->where('bond', '[a-z0-9-]+')->can('view', 'job');
            Route::post('drags', DragController::class)->can('work', 'job');
            Route::put('thermometer', [ThermometerController::class, 'follow'])->can('work', 'job');
            Route::delete('thermometer', [ThermometerController::class, 'letGo'])->can('work', 'job');
            Route::get('seal', [JobSealController::class, 'show'])->can('view', 'job');
            Route::put('seal', [JobSealController::class, 'update'])->can('work', 'job');
            Route::get('cut-sheet.{format}', [JobSealController::class, 'sheet'])
                ->whereIn('format', ['svg', 'dxf', 'pdf'])
                ->can('view', 'job');
            Route::get('screw-mat.{format}', ScrewMatController::class)
                ->whereIn('format', ['pdf', 'svg'])
                ->can('view', 'job');
            Route::get('troubles', [TroubleController::class, 'index'])->can('view', 'job');
            Route::post('troubles', [TroubleController::class, 'store'])->can('work', 'job');
            Route::get('troubles/{step}', [TroubleController::class, 'possible'])
                ->where('step', '[a-z0-9:#-]+')
                ->can('view', 'job');
            Route::get('troubles/{change}/price', [TroubleController::class, 'price'])
                ->whereUuid('change')
                ->can('view', 'job');
            Route::put('troubles/{change}/price', [TroubleController::class, 'agree'])
                ->whereUuid('change')
                ->can('choose', 'job');
            Route::get('troubles/{change}/offers', [PartOrderController::class, 'show'])
                ->whereUuid('change')
                ->can('view', 'job');
            Route::post('troubles/{change}/offers', [PartOrderController::class, 'ask'])
                ->whereUuid('change')
                ->can('work', 'job');
            Route::put('troubles/{change}/order', [PartOrderController::class, 'store'])
                ->whereUuid('change')
                ->can('work', 'job');
            Route::get('transfer', [TransferController::class, 'show'])->can('view', 'job');
            Route::post('transfer', [TransferController::class, 'work'])->can('work', 'job');
            Route::post('transfer/end', [TransferController::class, 'end'])->can('work', 'job');
            Route::post('transfer/other-part', [TransferController::class, 'otherPart'])->can('work', 'job');
            Route::get('dumps/{dump}.json', [TransferController::class, 'document'])
                ->whereUuid('dump')
                ->can('view', 'job');
            Route::get('dumps/{dump}.hex', [TransferController::class, 'hex'])
                ->whereUuid('dump')
                ->can('view', 'job');
            Route::get('phone-tests', [PhonePageController::class, 'index'])->can('view', 'job');
            Route::post('phone-page', [PhonePageController::class, 'store'])->can('work', 'job');
            Route::get('proof', ProofController::class)->can('view', 'job');
            Route::post('captures', [CaptureController::class, 'store'])->can('work', 'job');
            Route::get('phone-review', [HandOverController::class, 'phoneReview'])->can('view', 'job');
            Route::get('captures', [CaptureController::class, 'index'])->can('view', 'job');
            Route::delete('captures/{capture}', [CaptureController::class, 'destroy'])
                ->whereUuid('capture')
                ->can('work', 'job');
            Route::get('after', [AfterController::class, 'show'])->can('view', 'job');
            Route::post('comeback', [AfterController::class, 'comeBack'])->can('create', Job::class);
            Route::put('post', [AfterController::class, 'came'])->can('checkIn', 'job');
            Route::put('post/sent', [AfterController::class, 'sent'])->can('handOver', 'job');
            Route::get('packing-list.pdf', [AfterController::class, 'packingList'])->can('view', 'job');
            Route::put('hand-over', [HandOverController::class, 'update'])->can('handOver', 'job');
            Route::get('sheet.pdf', [HandOverController::class, 'sheet'])->can('view', 'job');
            Route::get('export.json', [HandOverController::class, 'export'])->can('view', 'job');
        });
});
