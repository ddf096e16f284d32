<style>
    @page { margin: 13mm 16mm; }
    .together { page-break-inside: avoid; }
    body { font: 9.5pt "DejaVu Sans", sans-serif; color: #1C2428; }
    h1 { font-size: 17pt; margin: 0 0 2mm; }
    h2 { page-break-after: avoid; font-size: 11.5pt; margin: 4mm 0 1.5mm; border-bottom: 0.4mm solid #0B5460; padding-bottom: 1mm; }
    .shop { font-weight: bold; margin-bottom: 1.5mm; }
    table { width: 100%; border-collapse: collapse; }
    th, td { text-align: left; padding: 0.9mm 2mm 0.9mm 0; border-bottom: 0.2mm solid #D8D3C5; vertical-align: top; }
    .quiet { color: #5A666B; }
    .bad { color: #A3122A; font-weight: bold; }
    .amount { text-align: right; white-space: nowrap; }
    .price { font-size: 15pt; font-weight: bold; }
    p { margin: 1.5mm 0; }
    tr { page-break-inside: avoid; }
    ul { margin: 0; padding-left: 5mm; }
    table.plain > tbody > tr > td, table.plain > tr > td { border-bottom: 0; }
</style>
