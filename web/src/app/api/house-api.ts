import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import type { Observable } from 'rxjs';
import type { Device, House, Pairing } from '@ypsigram/contract/house';

const HOUSE = '/api/house';

/** Where the certificate is that devices of the house may trust. */
export const HOUSE_CERTIFICATE = `${HOUSE}/certificate`;

/** Who else in the house may come in. */
@Injectable({ providedIn: 'root' })
export class HouseApi {
  private readonly http = inject(HttpClient);

  read(): Observable<House> {
    return this.http.get<House>(HOUSE);
  }

  set(isOpen: boolean): Observable<House> {
    return this.http.put<House>(HOUSE, { isOpen });
  }

  renewPasscode(): Observable<House> {
    return this.http.post<House>(`${HOUSE}/passcode`, null);
  }

  pair(pairing: Pairing): Observable<Device> {
    return this.http.post<Device>(`${HOUSE}/devices`, pairing);
  }

  remove(id: string): Observable<void> {
    return this.http.delete<void>(`${HOUSE}/devices/${id}`);
  }

  restore(id: string): Observable<Device> {
    return this.http.post<Device>(`${HOUSE}/devices/${id}/restore`, null);
  }
}
